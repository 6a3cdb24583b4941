<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Vehicle\Channel;

/** When within a slow wave a display happens to be read. Nobody can know beforehand. */
final readonly class ReadingMoments
{
    /** A tooth is read at one of two to this power places. */
    private const HALVINGS = 3;

    /** From one reading to the next the ring has turned on by this share of a turn, so that all of it is seen in time. */
    private const FURTHER = 0.618;

    /**
     * @param  int  $readings  how often it has been read before
     * @return non-empty-list<array{float, CarState, float}> weight, state, and seconds after the first tooth
     */
    public static function ways(Car $car, Channel $channel, float $turnsPerSecond, int $readings): array
    {
        $chances = [];
        for ($half = 0; $half < self::HALVINGS; $half++) {
            $event = "moment.$channel->id.$half@$readings";
            $chances[$event] = $car->deviations->chance($event, 0.5);
        }
        $teeth = $channel->wheelEnd->ring->teeth;
        $tooth = floor(fmod($readings * self::FURTHER, 1.0) * $teeth);
        $ways = [];
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $place = 0;
            foreach (array_keys($chances) as $half => $event) {
                $place += $outcomes[$event] ? 2 ** $half : 0;
            }
            $ways[] = [$weight, $state, ($tooth + ($place + 0.5) / 2 ** self::HALVINGS) / $teeth / abs($turnsPerSecond)];
        }

        return $ways;
    }
}
