<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;

/**
 * What a pair that is not twisted picks up from a running engine, and what a ring does that slips on its seat.
 *
 * The tone and its volts per metre are recalled from memory and stand for many: they are chosen so that a mended metre or
 * two is counted by an input for passive sensors, and not noticed by the levels of an active one.
 */
final readonly class Disturbance
{
    public const HERTZ = 1130.0;

    private const VOLTS_PER_METRE = 0.05;

    /** Peak between the two wires of a passive pair while the engine runs. */
    public static function peakVolts(Channel $channel): float
    {
        $metres = 0.0;
        foreach ($channel->links as $link) {
            $metres += $link instanceof Cable && ! $link->twisted ? $link->lengthMetres() : 0.0;
        }

        return Listening::at($channel)->picksUp() ? $metres * self::VOLTS_PER_METRE : 0.0;
    }

    /** Peak against the module's nominal threshold; infinite where the ring slips under torque. */
    public static function onTheRoad(Channel $channel): float
    {
        return match (true) {
            $channel->wheelEnd->ring->damage->loose => INF,
            default => Listening::at($channel)->disturbance(self::peakVolts($channel)),
        };
    }
}
