<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeState;
use Lernfall\Module\Control\SlipControl;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Vehicle;

/** A car made ready for a stop: its mass, its tyres, its brakes, and what its module hears of the wheels. */
final readonly class BrakingCar
{
    /**
     * @param  ?SlipDuty  $duty  what the module does about slip; null where something has made it give up
     * @param  array<string, float>  $accumulated  cubic centimetres in the accumulators, by circuit
     */
    public function __construct(private Vehicle $vehicle, private Chassis $chassis, private HeardWheels $heard, private ?SlipDuty $duty, private UnitMoves $moves, private array $accumulated = [])
    {
    }

    /** @param  float  $way  of trying, from 0 to 1: where the rings stand as it begins */
    public function stop(StopTask $task, float $way = 0.0): RoadRecord
    {
        $radii = $this->heard->corners->radiiMetres($this->vehicle);
        $listening = $this->heard->at($task->metresPerSecond, $way);
        $control = $this->duty === null ? null : new SlipControl($this->duty, array_map(static fn (HeardWheel $one): float => $one->timer->read(0.0), $listening));
        $unit = $this->vehicle->unit();
        $switch = fn (bool $pressed): bool => $this->vehicle->brakeParts->isClosed(BrakeParts::STOP_LAMP_SWITCH, $pressed);

        return (new BrakedRun(
            new RollingCar($this->chassis, $radii, $task->track, $task->metresPerSecond),
            new PressedBrakes($unit, $this->heard->corners->ids, $this->moves, BrakeState::atRest($unit->hydraulics)->with($this->accumulated)),
            $radii, $listening, $control, [$switch(false), $switch(true)],
        ))->stopped($task);
    }
}
