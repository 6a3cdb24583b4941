<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What a circuit is solved for: names of the sources that are switched on together. */
final readonly class Excitation
{
    /** Everything that stands still: battery, supplies, bias. */
    public const DC = 'dc';

    /** One volt for every metre of a channel's cables that are not twisted. */
    public static function pickUp(string $channelId): string
    {
        return "pick-up.$channelId";
    }

    /** One volt induced in the coil of a channel. */
    public static function emf(string $channelId): string
    {
        return "emf.$channelId";
    }
}
