<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Road\BrakingCar;
use Lernfall\Road\Corners;
use Lernfall\Road\HeardRing;
use Lernfall\Road\HeardWheels;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StopTask;
use Lernfall\Road\UnitMoves;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** Stops of a built-in car, with all figures there are of them. */
final readonly class ClosedGround
{
    private Corners $corners;

    private Chassis $chassis;

    /** @param  ?Vehicle  $changed  as faults have left it; null for the sound one */
    public function __construct(private string $id, private ?Vehicle $changed = null, private float $loadKilograms = 0.0)
    {
        $sound = Workbench::vehicle($id);
        $this->corners = Corners::of($sound) ?? throw new LogicException("$id is not braked.");
        $this->chassis = $sound->model->build->chassis ?? throw new LogicException("Nothing is known of $id as a mass on wheels.");
    }

    /** @param  float  $way  where the rings stand as it begins, from 0 to 1 */
    public function stop(StopTask $task, bool $controls = true, float $way = 0.0): RoadRecord
    {
        $vehicle = $this->changed ?? Workbench::vehicle($this->id);
        $car = Car::hypothesis($vehicle, Workbench::vehicle($this->id));
        $car = $car->in($car->state->keyAt(Ignition::Running)->supplying($car->vehicle->channelIds()));
        $rings = [];
        foreach ($this->corners->ids as $wheel) {
            $rings[$wheel] = HeardRing::of((new SpeedReception($car))->whileDriving($car->channel($wheel), 0.0), 0.5);
        }
        $chassis = $this->loadKilograms > 0.0 ? $this->chassis->loaded($this->loadKilograms, 0.75 * $this->chassis->wheelbaseMetres) : $this->chassis;
        $moves = new UnitMoves($vehicle->unit()->hydraulics, $car->unitWiring(), $car->electrical(), $this->corners->ids, $vehicle->climate->ambientCelsius);

        return (new BrakingCar($vehicle, $chassis, new HeardWheels($vehicle, $this->corners, $rings), $controls ? SlipDuty::whole($vehicle->model->build->slipControl) : null, $moves))->stop($task, $way);
    }

    /** @return list<string> front left, front right, rear left, rear right */
    public function wheels(): array
    {
        return $this->corners->ids;
    }

    public function chassis(): Chassis
    {
        return $this->chassis;
    }
}
