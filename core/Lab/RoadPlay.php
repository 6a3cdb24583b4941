<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Road\RoadRecord;
use Lernfall\Road\Track;
use Lernfall\Vehicle\Motion\Chassis;

/** A drive as it was, with everything there is of it; for those who may know what is wrong with the car. */
final readonly class RoadPlay
{
    /**
     * @param  list<string>  $wheels  names: front left, front right, rear left, rear right
     * @param  list<array{float, float}>  $path  metres off the line and radians turned, tick by tick; it may end early
     * @param  array<string, string>  $told  a word each of this one drive, by what it is about
     * @param  bool  $isControlled  the module was at work, or would have been
     * @param  bool  $goesRound  the path ends because the car swings round
     */
    public function __construct(public RoadRecord $record, public Track $track, public Chassis $chassis, public array $wheels, public array $path, public array $told, public bool $isControlled, public bool $goesRound)
    {
    }
}
