<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\Channel;

/** How the sensor of a channel answers the ring in front of it. */
final readonly class Switching
{
    public static function isActive(Channel $channel): bool
    {
        return $channel->sensor->isActive();
    }

    /** Whether it keeps one state or the other while nothing turns. */
    public static function rests(Channel $channel): bool
    {
        return $channel->sensor->keepsState();
    }

    /** Whether teeth and gaps make a difference to its state. */
    public static function follows(Channel $channel): bool
    {
        return $channel->sensor->follows($channel->wheelEnd->gapMetres);
    }

    /** The state it is in with or without a tooth in front. */
    public static function level(Channel $channel, bool $tooth): int
    {
        return $channel->sensor->stateAtRest($tooth, $channel->wheelEnd->gapMetres);
    }
}
