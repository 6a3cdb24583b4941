<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/**
 * What it is expected to cost to repair now, being wrong included: remedy after remedy, each with its proof, until the car
 * is right. The order by chance over price is the cheapest (Mitten 1960, "An Analytic Solution to the Least Cost Testing
 * Sequence Problem", from memory).
 */
final readonly class RepairCost
{
    /** The remedy where nothing is to be repaired: its only price is the proof. */
    public const NOTHING = 'none';

    /**
     * @param  array<string, float>  $prices  by remedy
     * @param  float  $proof  of one repair, in money
     * @param  float  $needless  what a repair that changes nothing, or a car handed back with its fault, costs besides: trust, and a second visit
     */
    public function __construct(private array $prices, private float $proof, private float $needless)
    {
    }

    /** With one more remedy that has a price. */
    public function priced(string $remedy, float $price): self
    {
        return new self([$remedy => $price] + $this->prices, $this->proof, $this->needless);
    }

    /**
     * @param  array<string, float>  $chances  by remedy, together 1
     * @param  ?string  $first  the remedy to begin with; null for the best order from the start
     */
    public function expected(array $chances, ?string $first = null): float
    {
        $order = array_keys($chances);
        usort($order, fn (string $one, string $other): int => $chances[$other] / $this->price($other) <=> $chances[$one] / $this->price($one));
        if ($first !== null) {
            $order = [$first, ...array_values(array_diff($order, [$first]))];
        }
        $cost = 0.0;
        $left = 1.0;
        foreach ($order as $remedy) {
            $cost += $left * $this->price($remedy);
            $left = max(0.0, $left - ($chances[$remedy] ?? 0.0));
            $cost += $left * $this->needless;
        }

        return $cost;
    }

    /**
     * The remedy with which everything is expected to be cheapest.
     *
     * @param  array<string, float>  $chances  by remedy, together 1
     */
    public function first(array $chances): string
    {
        $costs = array_map(fn (string $remedy): float => $this->expected($chances, $remedy), array_combine(array_keys($chances), array_keys($chances)));
        asort($costs);

        return (string) array_key_first($costs);
    }

    /** What is at stake with one remedy: its price and proof, and what it costs to have been wrong. */
    public function atStake(string $remedy): float
    {
        return $this->price($remedy) + $this->needless;
    }

    private function price(string $remedy): float
    {
        return ($this->prices[$remedy] ?? 0.0) + $this->proof;
    }
}
