<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use InvalidArgumentException;

/**
 * A linear network of resistors and of voltage sources with internal resistance. Absent parts are left out.
 *
 * Sources belong to a named excitation ("dc", "ac", "test"): each excitation is solved by itself, the others resting,
 * so that one network serves a standing voltage, a signal and a meter's test current (superposition).
 */
final readonly class Netlist
{
    public const GROUND = 'ground';

    /** Contacts below this would spoil the arithmetic; no real one is better. */
    private const LEAST_OHMS = 0.001;

    /**
     * @param  array<string, int>  $nodes  index by name, ground left out
     * @param  list<array{int, int, float}>  $conductances  between two indices (−1 is ground), in siemens
     * @param  array<string, list<array{int, int, float}>>  $currents  per excitation: out of, into, amperes
     */
    private function __construct(
        public array $nodes,
        public array $conductances,
        public array $currents,
    ) {
    }

    public static function empty(): self
    {
        return new self([], [], []);
    }

    /** @throws InvalidArgumentException for a resistance below a milliohm or not finite */
    public function resistor(string $from, string $to, float $ohms): self
    {
        if (! is_finite($ohms) || $ohms < self::LEAST_OHMS) {
            throw new InvalidArgumentException("a resistor of $ohms Ω between $from and $to");
        }
        [$nodes, $a, $b] = $this->indices($from, $to);

        return new self($nodes, [...$this->conductances, [$a, $b, 1.0 / $ohms]], $this->currents);
    }

    /** A voltage source with internal resistance, in its Norton form. */
    public function source(string $positive, string $negative, float $volts, float $ohms, string $excitation): self
    {
        return $this->resistor($positive, $negative, $ohms)
            ->current($negative, $positive, $volts / $ohms, $excitation);
    }

    /** A current that is taken out of one node and put into another. */
    public function current(string $outOf, string $into, float $amperes, string $excitation): self
    {
        [$nodes, $a, $b] = $this->indices($outOf, $into);
        $currents = $this->currents;
        $currents[$excitation][] = [$a, $b, $amperes];

        return new self($nodes, $this->conductances, $currents);
    }

    /** @return array{array<string, int>, int, int} */
    private function indices(string $first, string $second): array
    {
        $nodes = $this->nodes;
        foreach ([$first, $second] as $name) {
            if ($name !== self::GROUND && ! isset($nodes[$name])) {
                $nodes[$name] = count($nodes);
            }
        }

        return [$nodes, $nodes[$first] ?? -1, $nodes[$second] ?? -1];
    }
}
