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

    /** The terminals of the bench supply, which is not part of the car but stands beside it. */
    public const BENCH = ['bench.positive', 'bench.negative'];

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

        return [...$pads, ...array_map(Pad::fixed(...), [self::BODY, self::BATTERY_POSITIVE, self::BATTERY_NEGATIVE, ...self::FEED, ...self::BENCH])];
    }

    /** @throws UnknownPart */
    public static function find(Vehicle $vehicle, string $id): Pad
    {
        foreach (self::of($vehicle) as $pad) {
            if ($pad->id === $id) {
                return $pad;
            }
        }

        throw UnknownPart::pad($id);
    }
}
