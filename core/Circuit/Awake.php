<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\SwitchSensor;

/** Whether the output of a three-wire sensor works: it needs its supply, and electronics that switch. */
final readonly class Awake
{
    /**
     * The levels that come true: an output that sleeps stays at its lower one.
     *
     * @param  array<array-key, Channel>  $channels
     * @param  array<array-key, bool>  $levels
     * @return array<array-key, bool>
     */
    public static function ones(array $channels, ElectricalState $state, array $levels): array
    {
        $upper = array_filter($levels);

        return array_filter($upper, static fn (int|string $id): bool => isset($channels[$id]) && self::is($channels[$id], $channels, $state), ARRAY_FILTER_USE_KEY);
    }

    /** @param  array<array-key, Channel>  $channels */
    private static function is(Channel $channel, array $channels, ElectricalState $state): bool
    {
        $sensor = $channel->sensor;
        if (! $sensor instanceof SwitchSensor) {
            return true;
        }
        if ($sensor->electronics === Electronics::Dead || $sensor->electronics === Electronics::Shorted) {
            return false;
        }
        $ends = ChannelNetlist::sensorNodes($channel);

        return LiveCircuit::of($channels, $state)->solved()->voltsBetween($ends[0], $ends[1]) >= $sensor->leastVolts;
    }
}
