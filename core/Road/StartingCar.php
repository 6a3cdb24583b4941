<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeState;
use Lernfall\Module\Control\TractionControl;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Motion\Drivetrain;
use Lernfall\Vehicle\Vehicle;

/** A car made ready to pull away: its mass, its tyres, what turns its wheels, its brakes, and what its module hears of the wheels. */
final readonly class StartingCar
{
    /**
     * @param  int  $left  its left driven wheel; the right one is the next
     * @param  bool  $controls  the module keeps driven wheels from spinning, where it can
     */
    public function __construct(private Vehicle $vehicle, private Chassis $chassis, private Drivetrain $drivetrain, private int $left, private HeardWheels $heard, private bool $controls, private UnitMoves $moves)
    {
    }

    /** @param  float  $way  of trying, from 0 to 1: where the rings stand as it begins */
    public function start(StartTask $task, float $way = 0.0): RoadRecord
    {
        $radii = $this->heard->corners->radiiMetres($this->vehicle);
        $unit = $this->vehicle->unit();

        return (new StartRun(
            new RollingCar($this->chassis, $radii, $task->track, 0.0), new Engine($this->drivetrain, $this->left, $radii),
            new PressedBrakes($unit, $this->heard->corners->ids, $this->moves, BrakeState::atRest($unit->hydraulics)),
            $radii, $this->heard->at(0.0, $way), $this->controls ? self::controlOf($this->vehicle, $this->heard->corners, $this->left) : null,
        ))->started($task);
    }

    /** What keeps the driven wheels of a car from spinning: by brake where its unit can build up pressure, by the engine where that can be held back. */
    public static function controlOf(Vehicle $vehicle, Corners $corners, int $left): TractionControl
    {
        $design = $vehicle->model->build->tractionControl;
        $byBrake = $vehicle->unit()->hydraulics->buildsUp($corners->ids[$left]);

        return new TractionControl($design, $left, $byBrake, $design->byTorque ?? ! $byBrake);
    }
}
