<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PowerFeed;

/** The module's own supply as the circuit sees it: current flows only while the key is on and the module is plugged in. */
final readonly class FeedElement
{
    private const PINS = ['feed.module.supply', 'feed.module.ground'];

    /** What arrives across the working module, over whatever test leads bridge as well. */
    public static function moduleVolts(PowerFeed $feed, ElectricalState $state): float
    {
        if (self::leads($state) === []) {
            return $feed->moduleVolts($state->systemVolts);
        }
        $netlist = self::add(ChannelNetlist::addBattery(Netlist::empty(), $state), $feed, $state, true, true);

        return NodalAnalysis::solve($netlist)->voltsBetween(self::PINS[0], self::PINS[1], Excitation::DC);
    }

    /** @param  bool  $plugged  the module plug is joined */
    public static function add(Netlist $netlist, PowerFeed $feed, ElectricalState $state, bool $keyOn, bool $plugged): Netlist
    {
        foreach (self::leads($state) as $lead) {
            $netlist = $netlist->resistor(ChannelNetlist::nodeOf($lead->first), ChannelNetlist::nodeOf($lead->second), $lead->ohms);
        }
        [$fuseIn, $fuseOut, $relayOut, $supply, $ground] = Pads::FEED;
        [$supplyPin, $groundPin] = self::PINS;
        $netlist = $netlist
            ->resistor(Pads::BATTERY_POSITIVE, $fuseIn, $feed->resistances->wireOhms)
            ->resistor($relayOut, $supply, $feed->resistances->wireOhms)
            ->resistor($ground, Netlist::GROUND, $feed->resistances->groundOhms + ($feed->faults->rustOhms ?? 0.0));
        if (! $feed->faults->fuseBlown) {
            $netlist = $netlist->resistor($fuseIn, $fuseOut, $feed->resistances->contactOhms);
        }
        if ($keyOn) {
            $netlist = $netlist->resistor($fuseOut, $relayOut, $feed->faults->relayOhms ?? $feed->resistances->contactOhms);
        }

        return $plugged
            ? $netlist->resistor($supply, $supplyPin, $feed->resistances->contactOhms)->resistor($ground, $groundPin, $feed->resistances->contactOhms)->resistor($supplyPin, $groundPin, $feed->resistances->moduleOhms)
            : $netlist;
    }

    /** @return list<JumperLead> between pads that belong to no channel */
    private static function leads(ElectricalState $state): array
    {
        return array_values(array_filter($state->attached->jumpers, static fn (JumperLead $lead): bool => $lead->channels() === []));
    }
}
