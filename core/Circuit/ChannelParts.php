<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use LogicException;

/** The two ends of a channel, known to the circuit. */
final readonly class ChannelParts
{
    public static function sensor(Channel $channel): CircuitSensor
    {
        return $channel->sensor instanceof CircuitSensor ? $channel->sensor : throw new LogicException("no circuit for a {$channel->sensor->technology()} sensor");
    }

    public static function input(Channel $channel): CircuitInput
    {
        return $channel->moduleEnd->input instanceof CircuitInput ? $channel->moduleEnd->input : throw new LogicException('no circuit for '.$channel->moduleEnd->input::class);
    }

    public static function isPowered(Channel $channel, ElectricalState $state): bool
    {
        $plugs = $channel->plugs();

        return $state->moduleOn && ! in_array($plugs[count($plugs) - 1]->plugId, $state->openPlugs, true);
    }
}
