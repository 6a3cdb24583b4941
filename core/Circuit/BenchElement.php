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
        if ($supply->leads !== null) {
            return self::addPlaced($netlist, $supply->volts, $supply->leads);
        }
        $pins = ChannelNetlist::sensorNodes($channel);
        $supplyPin = $supply->reversed ? BenchSupply::NEGATIVE : BenchSupply::POSITIVE;
        $returnPin = $supply->reversed ? BenchSupply::POSITIVE : BenchSupply::NEGATIVE;
        $netlist = $netlist
            ->source(BenchSupply::POSITIVE, BenchSupply::NEGATIVE, $supply->volts, self::SOURCE_OHMS, Excitation::DC)
            ->resistor($supplyPin, $pins[0], JumperLead::OHMS);

        return ChannelParts::sensor($channel)->addBenchLoad($netlist, $pins, $supplyPin, $returnPin, $supply->loadOhms);
    }

    private static function addPlaced(Netlist $netlist, float $volts, BenchLeads $leads): Netlist
    {
        $netlist = $netlist
            ->source(BenchSupply::POSITIVE, BenchSupply::NEGATIVE, $volts, self::SOURCE_OHMS, Excitation::DC)
            ->resistor(BenchSupply::POSITIVE, ChannelNetlist::nodeOf($leads->positive), JumperLead::OHMS);
        if ($leads->negative !== null) {
            $netlist = $netlist->resistor(BenchSupply::NEGATIVE, ChannelNetlist::nodeOf($leads->negative), JumperLead::OHMS);
        }

        return $leads->load === null ? $netlist : $netlist->resistor(ChannelNetlist::nodeOf($leads->load[0]), ChannelNetlist::nodeOf($leads->load[1]), $leads->loadOhms);
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
