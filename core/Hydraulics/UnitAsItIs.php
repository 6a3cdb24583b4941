<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\Sticking;
use Lernfall\Vehicle\Brakes\WheelLine;
use Lernfall\Vehicle\PartState;

/** The hydraulic unit of a car with what is wrong with its parts: a fault is another part, and what it does is computed. */
final readonly class UnitAsItIs
{
    public static function of(BrakeParts $parts, BrakeUnit $unit): BrakeUnit
    {
        foreach (array_keys($unit->hydraulics->wheels) as $channel) {
            $unit = match ($parts->state(BrakeParts::valves($channel))) {
                PartState::Open => self::withWindingOpen($unit, $channel),
                PartState::Stuck => self::withValvesStuck($unit, $channel),
                default => $unit,
            };
        }
        $wiring = $unit->wiring;
        if ($parts->state(BrakeParts::VALVE_RELAY) === PartState::Open) {
            $wiring = $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Dead));
        }
        if ($parts->state(BrakeParts::PUMP_RELAY) === PartState::Open) {
            $wiring = $wiring->withFeeds(pump: $wiring->pump->withRelay(RelayState::Dead));
        }
        if ($parts->state(BrakeParts::PUMP) === PartState::Open) {
            $wiring = $wiring->withFeeds(pump: $wiring->pump->withWire(true));
        }

        return $unit->withWiring($wiring);
    }

    /** Of the valve that lets the pressure out. */
    private static function withWindingOpen(BrakeUnit $unit, string $channel): BrakeUnit
    {
        $valve = isset($unit->wiring->coils["$channel.valve"]) ? "$channel.valve" : "$channel.outlet";

        return $unit->withWiring($unit->wiring->withCoil($valve, $unit->wiring->coils[$valve]->broken()));
    }

    /** Both as they rest: nothing is kept out, and nothing let out. */
    private static function withValvesStuck(BrakeUnit $unit, string $channel): BrakeUnit
    {
        $line = $unit->hydraulics->wheels[$channel];

        return $unit->withHydraulics($unit->hydraulics->withWheel($channel, new WheelLine(
            $line->circuit, $line->inlet->stuck(Sticking::Open), $line->outlet->stuck(Sticking::Shut), $line->checkFlow, $line->brake, $line->hoseFlow,
        )));
    }
}
