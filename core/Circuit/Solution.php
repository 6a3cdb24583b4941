<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** Node voltages of a network, one set per excitation. */
final readonly class Solution
{
    /**
     * @param  array<string, int>  $nodes
     * @param  array<string, array<int, float>>  $voltages
     */
    public function __construct(private array $nodes, private array $voltages)
    {
    }

    /** Voltage between two nodes, the first against the second; 0 where nothing excites. A node without parts floats. */
    public function voltsBetween(string $first, string $second, string $excitation): float
    {
        return $this->volts($first, $excitation) - $this->volts($second, $excitation);
    }

    private function volts(string $node, string $excitation): float
    {
        return isset($this->nodes[$node]) ? $this->voltages[$excitation][$this->nodes[$node]] ?? 0.0 : 0.0;
    }
}
