<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Worksheet\NameCause;

/** Which corner a named cause means: a sensor that was carried to the other side goes by where it came from, or by where it sits. */
final readonly class NamedPlace
{
    /** The station that goes where the sensor goes. */
    private const MOVES_ALONG = 'sensor';

    /**
     * @param  string  $channel  the corner a part came in at
     */
    public static function means(Step $naming, NameCause $cause, string $channel): bool
    {
        return $cause->channel === $channel || $cause->station === self::MOVES_ALONG && self::originAt($naming, $cause->channel) === $channel;
    }

    /**
     * @param  list<string>  $channels  the corners a repair is made at
     */
    public static function isAt(Step $naming, NameCause $cause, Step $repair, array $channels): bool
    {
        foreach ($channels as $channel) {
            if ($cause->channel === $channel || $cause->station === self::MOVES_ALONG && self::means($naming, $cause, self::originAt($repair, $channel))) {
                return true;
            }
        }

        return false;
    }

    private static function originAt(Step $step, string $channel): string
    {
        return $step->before->sound->hasChannel($channel) ? $step->before->state->sensorOf($channel) : $channel;
    }
}
