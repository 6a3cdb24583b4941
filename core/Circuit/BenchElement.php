<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;

/** The bench supply with its leads and load resistor as the circuit sees it. */
final readonly class BenchElement
{
    private const SOURCE_OHMS = 0.02;

    /** Halvings after which the voltage of a supply at its limit is known to well below a millivolt. */
    private const HALVINGS = 24;

    public static function add(Netlist $netlist, Channel $channel, BenchSupply $supply): Netlist
    {
        $pins = ChannelNetlist::sensorNodes($channel);
        $supplyPin = $supply->reversed ? BenchSupply::NEGATIVE : BenchSupply::POSITIVE;
        $returnPin = $supply->reversed ? BenchSupply::POSITIVE : BenchSupply::NEGATIVE;
        $netlist = $netlist
            ->source(BenchSupply::POSITIVE, BenchSupply::NEGATIVE, $supply->volts, self::SOURCE_OHMS, Excitation::DC)
            ->resistor($supplyPin, $pins[0], JumperLead::OHMS);

        return ChannelParts::sensor($channel)->addBenchLoad($netlist, $pins, $supplyPin, $returnPin, $supply->loadOhms);
    }

    /** What it delivers, above zero out of its positive terminal. */
    public static function amperes(SolvedCircuit $circuit, BenchSupply $supply): float
    {
        return ($supply->volts - $circuit->voltsBetween(BenchSupply::POSITIVE, BenchSupply::NEGATIVE)) / self::SOURCE_OHMS;
    }

    /**
     * The supply as it settles: at its limit it lets the voltage fall until the current is down to it.
     *
     * @param  callable(BenchSupply): SolvedCircuit  $solved  the circuit with a supply that holds this voltage
     */
    public static function settled(BenchSupply $supply, callable $solved): BenchSupply
    {
        if (self::amperes($solved($supply), $supply) <= $supply->limitAmperes) {
            return $supply;
        }
        [$low, $high] = [0.0, $supply->volts];
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = $supply->holding(($low + $high) / 2.0);
            if (self::amperes($solved($middle), $middle) > $supply->limitAmperes) {
                $high = $middle->volts;
            } else {
                $low = $middle->volts;
            }
        }

        return $supply->holding($low);
    }
}
