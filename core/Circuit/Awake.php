<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\SwitchSensor;

/** Whether the output of a three-wire sensor works: it needs its supply, and electronics that switch. */
final readonly class Awake
{
    public static function is(Channel $channel, ElectricalState $state): bool
    {
        $sensor = $channel->sensor;
        if (! $sensor instanceof SwitchSensor || $state->injection?->channel === $channel->id) {
            return true;
        }
        if ($sensor->electronics === Electronics::Dead || $sensor->electronics === Electronics::Shorted) {
            return false;
        }
        $ends = ChannelNetlist::sensorNodes($channel);

        return LiveCircuit::ofNothing()->withChannel($channel, $state, false)->solved()->voltsBetween($ends[0], $ends[1]) >= $sensor->leastVolts;
    }
}
