<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;

/** Whether the output of a sensor works that needs its supply for it. */
final readonly class Awake
{
    /**
     * The states that come true: an output that sleeps stays at its first one.
     *
     * @param  array<array-key, Channel>  $channels
     * @param  array<array-key, int>  $levels
     * @return array<array-key, int>
     */
    public static function ones(array $channels, ElectricalState $state, array $levels): array
    {
        $upper = array_filter($levels, static fn (int $state): bool => $state > 0);

        return array_filter($upper, static fn (int|string $id): bool => isset($channels[$id]) && self::is($channels[$id], $channels, $state), ARRAY_FILTER_USE_KEY);
    }

    /** @param  array<array-key, Channel>  $channels */
    private static function is(Channel $channel, array $channels, ElectricalState $state): bool
    {
        $sensor = ChannelParts::sensor($channel);
        if (! $sensor->needsSupply()) {
            return true;
        }
        $ends = ChannelNetlist::sensorNodes($channel);

        return $sensor->isAwakeAt(INF) && $sensor->isAwakeAt(LiveCircuit::of($channels, $state)->solved()->voltsBetween($ends[0], $ends[1]));
    }
}
