<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\SwitchWiring;
use Lernfall\Vehicle\Pads;

/**
 * The switches of the brakes: one that is fed and passes it on to the lamps and the module, and others that connect a wire of the module to body.
 */
final readonly class SwitchElement
{
    /**
     * @param  list<string>  $worked  switches that somebody works
     * @param  bool  $isAwake  the module is, and pulls its wires up
     */
    public static function add(Netlist $netlist, BrakeParts $parts, array $worked, bool $isAwake): Netlist
    {
        foreach ($parts->switches() as $switch) {
            $isClosed = $parts->isClosed($switch, in_array($switch, $worked, true));
            $netlist = Pads::isFedSwitch($switch)
                ? self::addFed($netlist, Pads::switchIn($switch), Pads::switchOut($switch), $isClosed, $parts->wiring)
                : self::addToBody($netlist, Pads::switchOut($switch), $isClosed, $isAwake, $parts->wiring);
        }

        return $netlist;
    }

    /** What flows through a switch while this is at the battery, by Ohm's law. */
    public static function amperes(BrakeParts $parts, string $switch, bool $isWorked, ElectricalState $state): float
    {
        $wiring = $parts->wiring;
        $ohms = $state->batteryOhms + $wiring->contactOhms + (Pads::isFedSwitch($switch) ? $wiring->feedOhms + $wiring->stopLampOhms : $wiring->pullUpOhms);

        return $parts->isClosed($switch, $isWorked) && (Pads::isFedSwitch($switch) || $state->moduleOn) ? $state->systemVolts / $ohms : 0.0;
    }

    private static function addFed(Netlist $netlist, string $in, string $out, bool $isClosed, SwitchWiring $wiring): Netlist
    {
        $netlist = $netlist->resistor(Pads::BATTERY_POSITIVE, $in, $wiring->feedOhms)->resistor($out, Netlist::GROUND, $wiring->stopLampOhms);

        return $isClosed ? $netlist->resistor($in, $out, $wiring->contactOhms) : $netlist;
    }

    private static function addToBody(Netlist $netlist, string $out, bool $isClosed, bool $isAwake, SwitchWiring $wiring): Netlist
    {
        if ($isAwake) {
            $netlist = $netlist->resistor(Pads::BATTERY_POSITIVE, $out, $wiring->pullUpOhms);
        }

        return $isClosed ? $netlist->resistor($out, Netlist::GROUND, $wiring->contactOhms) : $netlist;
    }
}
