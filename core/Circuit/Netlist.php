<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\InvalidQuantity;
use Lernfall\Quantity;

/**
 * A linear network of resistors and of voltage sources with internal resistance. Absent parts are left out.
 *
 * Sources belong to a named excitation ("dc", "ac", "test"): each excitation is solved by itself, the others resting,
 * so that one network serves a standing voltage, a signal and a meter's test current (superposition).
 *
 * Parts are added to the list itself, because a circuit of forty parts is put together many times over; whoever keeps
 * a network and goes on from it takes a clone first.
 */
final class Netlist
{
    public const GROUND = 'ground';

    /** Contacts below this would spoil the arithmetic; no real one is better. */

    /** @var array<string, int> index by name, ground left out */
    public array $nodes = [];

    /** @var list<array{int, int, float}> between two indices (−1 is ground), in siemens */
    public array $conductances = [];

    /** @var array<string, list<array{int, int, float}>> per excitation: out of, into, amperes */
    public array $currents = [];

    private function __construct()
    {
    }

    public static function empty(): self
    {
        return new self;
    }

    /** @throws InvalidQuantity for a resistance below a milliohm or not finite */
    public function resistor(string $from, string $to, float $ohms): self
    {
        if (! is_finite($ohms) || $ohms < Quantity::LEAST_OHMS) {
            throw InvalidQuantity::outside("ohms between $from and $to", $ohms, Quantity::LEAST_OHMS, PHP_FLOAT_MAX);
        }
        $this->conductances[] = [$this->index($from), $this->index($to), 1.0 / $ohms];

        return $this;
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
        $this->currents[$excitation][] = [$this->index($outOf), $this->index($into), $amperes];

        return $this;
    }

    private function index(string $name): int
    {
        return $name === self::GROUND ? -1 : $this->nodes[$name] ??= count($this->nodes);
    }
}
