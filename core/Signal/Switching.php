<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\SwitchSensor;

/** How an active sensor answers the ring in front of it. */
final readonly class Switching
{
    public static function isActive(Channel $channel): bool
    {
        return ! $channel->sensor instanceof PassiveSensor;
    }

    /** Whether it keeps one level or the other while nothing turns; pulses come and go and leave it at its lower one. */
    public static function rests(Channel $channel): bool
    {
        return self::isActive($channel) && ! ($channel->sensor instanceof CurrentSensor && $channel->sensor->pulses !== null);
    }

    /** Whether teeth and gaps make a difference to it: sound electronics, and the ring near enough. */
    public static function follows(Channel $channel): bool
    {
        $sensor = $channel->sensor;

        return ($sensor instanceof CurrentSensor || $sensor instanceof SwitchSensor)
            && $sensor->electronics === Electronics::Sound
            && $channel->gapMetres <= $sensor->greatestGapMetres;
    }

    /** The level it shows with or without a tooth in front. */
    public static function level(Channel $channel, bool $tooth): bool
    {
        $sensor = $channel->sensor;
        $electronics = $sensor instanceof CurrentSensor || $sensor instanceof SwitchSensor ? $sensor->electronics : Electronics::Sound;

        return match (true) {
            $electronics === Electronics::StuckHigh => true,
            $electronics === Electronics::StuckLow => false,
            default => $tooth && self::follows($channel),
        };
    }
}
