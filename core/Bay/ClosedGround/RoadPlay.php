<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Road\FreePath;
use Lernfall\Road\FreeRecord;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\Track;
use Lernfall\Road\Yaw;
use Lernfall\Vehicle\Motion\Chassis;

/** A drive as it was, with everything there is of it; for those who may know what is wrong with the car. */
final readonly class RoadPlay
{
    /**
     * @param  list<string>  $wheels  names: front left, front right, rear left, rear right
     * @param  list<array{float, float}>  $path  metres off the line and radians turned, tick by tick; it may end early
     * @param  array<string, string>  $told  a word each, by what it is about
     * @param  bool  $isControlled  the module was at work, or would have been
     * @param  bool  $goesRound  the path ends because the car swings round
     */
    private function __construct(public RoadRecord $record, public Track $track, public Chassis $chassis, public array $wheels, public array $path, public array $told, public bool $isControlled, public bool $goesRound)
    {
    }

    /**
     * @param  list<string>  $wheels  names: front left, front right, rear left, rear right
     * @param  array<string, string>  $told  a word each, by what it is about
     */
    public static function of(RoadRecord $record, Track $track, Chassis $chassis, array $wheels, array $told, bool $isControlled): self
    {
        $yaw = $record->engineShares === [] ? Yaw::of($record, $chassis, $track) : null; // a car that pulls away is taken to go straight

        return new self($record, $track, $chassis, $wheels, $yaw->path ?? [], $told, $isControlled, $yaw?->goesRound() ?? false);
    }

    /**
     * @param  list<string>  $wheels  names: front left, front right, rear left, rear right
     * @param  array<string, string>  $told  a word each, by what it is about
     */
    public static function freely(FreeRecord $record, Track $track, Chassis $chassis, array $wheels, array $told, bool $isControlled): self
    {
        $path = FreePath::of($record, $chassis, $track);

        return new self($record->whole, $track, $chassis, $wheels, $path->path, $told, $isControlled, $path->goesRound);
    }
}
