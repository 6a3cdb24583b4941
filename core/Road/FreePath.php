<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/**
 * How a car lies on its line in a free drive: as in a stop (Yaw) while somebody brakes, and brought back by the driver in between, an assumption. The line is taken as straight whichever way is steered, and the car as
 * held on it while the throttle is open.
 */
final readonly class FreePath
{
    /** Until a third, or little more, is left of where the brakes have brought it. */
    private const BROUGHT_BACK_IN_SECONDS = 0.5;

    /** @param  list<array{float, float}>  $path  metres it is off its line, and radians it has turned, tick by tick, both above zero to the left; it ends where the car goes round */
    private function __construct(public array $path, public bool $goesRound)
    {
    }

    public static function of(FreeRecord $record, Chassis $chassis, Track $track): self
    {
        [$off, $angle, $path] = [0.0, 0.0, []];
        foreach ($record->parts as [$part, $driven]) {
            $left = 1.0 - $driven->tickSeconds / self::BROUGHT_BACK_IN_SECONDS;
            $yaw = $part->isBraked() ? Yaw::of($driven, $chassis, $track) : null;
            $goesRound = $yaw?->goesRound() === true;
            $ticks = $goesRound ? count($yaw->path) : count($driven->seconds);
            $last = [$off, $angle];
            for ($tick = 0; $tick < $ticks; $tick++) {
                [$off, $angle] = [$off * $left, $angle * $left];
                [$further, $turned] = $yaw->path[$tick] ?? ($yaw === null || $yaw->path === [] ? [0.0, 0.0] : $yaw->path[count($yaw->path) - 1]);
                $path[] = $last = [$off + $further, $angle + $turned];
            }
            [$off, $angle] = $last;
            if ($goesRound) {
                return new self($path, true);
            }
        }

        return new self($path, false);
    }
}
