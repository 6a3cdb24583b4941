<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** Every pad of a vehicle, by permanent id such as "FL.sensor-plug.wheel.1" or "body". */
final readonly class Pads
{
    public const BODY = 'body';

    public const BATTERY_POSITIVE = 'battery.positive';

    public const BATTERY_NEGATIVE = 'battery.negative';

    /** Along the module's supply, in order of the current; the last two are the loom's side of the module plug. */
    public const FEED = ['feed.fuse.in', 'feed.fuse.out', 'feed.relay.out', 'feed.supply', 'feed.ground'];

    /** What feeds the valves of the hydraulic unit, and what feeds its pump: each has pads at its fuse, its relay and the unit. */
    public const UNIT_FEEDS = ['unit.valves', 'unit.pump'];

    public const UNIT_GROUND = 'unit.ground';

    /** Before the name of a valve: where the module pulls its winding to ground. */
    public const UNIT_COIL = 'unit.coil.';

    /** Before the name of a switch of the brakes. */
    public const UNIT_SWITCH = 'unit.switch.';

    /** The terminals of the bench supply, which is not part of the car but stands beside it. */
    public const BENCH = ['bench.positive', 'bench.negative'];

    /** The plug whose pins belong to the inputs of the module. */
    private const AT_MODULE = 'module-plug';

    private const FIXED = [self::BODY, self::BATTERY_POSITIVE, self::BATTERY_NEGATIVE, ...self::FEED, ...self::BENCH];

    /** @return list<Pad> */
    public static function of(Vehicle $vehicle): array
    {
        $pads = [];
        foreach ($vehicle->channels as $channel) {
            foreach ($channel->plugs() as $plug) {
                foreach (PadSide::cases() as $side) {
                    foreach ($channel->conductors as $conductor) {
                        $pads[] = Pad::onPlug($channel->id, $plug->name(), $side, $conductor->id);
                    }
                }
            }
        }

        return [...$pads, ...array_map(Pad::fixed(...), [...self::FIXED, ...self::ofUnit($vehicle), ...self::ofSwitches($vehicle)])];
    }

    /** Whether a switch is fed, and not one that connects a wire to body. */
    public static function isFedSwitch(string $switch): bool
    {
        return $switch === BrakeParts::STOP_LAMP_SWITCH;
    }

    /** Where a fed switch is fed. */
    public static function switchIn(string $switch): string
    {
        return self::UNIT_SWITCH."$switch.in";
    }

    /** Where the wire to the module leaves a switch. */
    public static function switchOut(string $switch): string
    {
        return self::UNIT_SWITCH."$switch.out";
    }

    /** @return list<string> at the switches of the brakes */
    public static function ofSwitches(Vehicle $vehicle): array
    {
        $pads = [];
        foreach ($vehicle->brakeParts->unit === null ? [] : $vehicle->brakeParts->switches() as $switch) {
            array_push($pads, ...(self::isFedSwitch($switch) ? [self::switchIn($switch)] : []), ...[self::switchOut($switch)]);
        }

        return $pads;
    }

    /** @return list<string> at the hydraulic unit, as far as they lie outside its housing: along what feeds its valves and its pump, its ground, and the module's end of each winding */
    public static function ofUnit(Vehicle $vehicle): array
    {
        $unit = $vehicle->brakeParts->unit;
        if ($unit === null) {
            return [];
        }
        if ($unit->design->isIntegrated) {
            [$valves, $pump] = self::UNIT_FEEDS;

            return ["$valves.fuse.in", "$valves.fuse.out", "$pump.fuse.in", "$pump.fuse.out", "$pump.supply", self::UNIT_GROUND];
        }
        $pads = [];
        foreach (self::UNIT_FEEDS as $feed) {
            foreach (['fuse.in', 'fuse.out', 'relay.out', 'supply'] as $place) {
                $pads[] = "$feed.$place";
            }
        }

        return [...$pads, self::UNIT_GROUND, ...array_map(static fn (string $valve): string => self::UNIT_COIL.$valve, array_keys($unit->wiring->coils))];
    }

    /** @throws UnknownPart */
    public static function find(Vehicle $vehicle, string $id): Pad
    {
        return match (true) {
            in_array($id, self::FIXED, true), in_array($id, self::ofUnit($vehicle), true), in_array($id, self::ofSwitches($vehicle), true) => Pad::fixed($id),
            default => self::onPlug($vehicle, $id) ?? throw UnknownPart::pad($id),
        };
    }

    private static function onPlug(Vehicle $vehicle, string $id): ?Pad
    {
        $parts = explode('.', $id);
        $channel = count($parts) === 4 && $vehicle->hasChannel($parts[0]) ? $vehicle->channel($parts[0]) : null;
        $side = PadSide::tryFrom($parts[2] ?? '');
        if ($channel === null || $side === null
            || array_filter($channel->plugs(), static fn (Plug $plug): bool => $plug->name() === $parts[1]) === []
            || array_filter($channel->conductors, static fn (Conductor $one): bool => $one->id === $parts[3]) === []) {
            return null;
        }

        return $parts[1] === self::AT_MODULE ? self::wireThere($vehicle, $channel, $side, $parts[3]) : Pad::onPlug($channel->id, $parts[1], $side, $parts[3]);
    }

    /** A pin of the module is told by what it is meant for; where wires were crossed, those of another channel sit there. */
    private static function wireThere(Vehicle $vehicle, Channel $meant, PadSide $side, string $conductor): ?Pad
    {
        $sits = $vehicle->channel($vehicle->inputs()[$meant->id]);
        $position = array_search($conductor, array_map(static fn (Conductor $one): string => $one->id, $meant->conductors), true);

        return isset($sits->conductors[$position]) ? Pad::onPlug($sits->id, self::AT_MODULE, $side, $sits->conductors[$position]->id) : null;
    }
}
