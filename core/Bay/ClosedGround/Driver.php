<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;
use Lernfall\Road\FeltLimits;
use Lernfall\Road\FreePart;
use Lernfall\Road\StartLimits;
use Lernfall\Road\StartTask;
use Lernfall\Road\StopTask;

/** Who drives on closed ground: how the foot presses, and what is noticed. */
final readonly class Driver implements Equipment
{
    /**
     * @param  float  $gentleNewtons  of a foot that stops before a traffic light
     * @param  float  $hardNewtons  of one that stamps on the pedal
     * @param  float  $gentleNewtonsPerSecond  how fast it comes down
     * @param  float  $hardNewtonsPerSecond  as well
     */
    public function __construct(public float $gentleNewtons, public float $hardNewtons, public float $gentleNewtonsPerSecond, public float $hardNewtonsPerSecond, public FeltLimits $limits, public StartLimits $starts)
    {
    }

    public static function read(Node $workshop): static
    {
        $driver = $workshop->at('driver');
        $starts = $driver->at('starts');

        return new self(
            $driver->float('gentleNewtons'), $driver->float('hardNewtons'), $driver->float('gentleNewtonsPerSecond'), $driver->float('hardNewtonsPerSecond'),
            new FeltLimits(
                $driver->float('pullsNewtonMetresPerKilogram'), $driver->float('locksSeconds'), $driver->float('locksAboveKilometresPerHour') / 3.6, $driver->float('distanceShare'), $driver->float('distanceMetres'),
                $driver->float('sinksCentimetres'), $driver->float('beatsCubicCentimetres'), $driver->float('hearsSeconds'), $driver->float('pulsesShare'),
            ),
            new StartLimits(
                $starts->float('openSeconds'), $starts->float('speedShare'), $starts->float('speedKilometresPerHour') / 3.6, $starts->float('spinsKilometresPerHour') / 3.6, $starts->float('spinsSeconds'), $starts->float('hearsSeconds'),
            ),
        );
    }

    public function stop(StopHere $stop): StopTask
    {
        return new StopTask(
            $stop->kilometresPerHour / 3.6, $stop->footing->track(),
            $stop->isHard ? $this->hardNewtons : $this->gentleNewtons, $stop->isHard ? $this->hardNewtonsPerSecond : $this->gentleNewtonsPerSecond, $stop->footing->brakedSeconds(),
        );
    }

    public function part(FreeStretch $part): FreePart
    {
        [$newtons, $newtonsPerSecond] = match ($part->foot) {
            FreeFoot::Gentle => [$this->gentleNewtons, $this->gentleNewtonsPerSecond],
            FreeFoot::Hard => [$this->hardNewtons, $this->hardNewtonsPerSecond],
            default => [0.0, $this->gentleNewtonsPerSecond],
        };

        return new FreePart($part->foot === FreeFoot::Throttle, $newtons, $newtonsPerSecond, $part->steering->turns(), $part->seconds);
    }

    public function start(PullAway $start): StartTask
    {
        return new StartTask($start->footing->track(), $this->starts->openSeconds);
    }
}
