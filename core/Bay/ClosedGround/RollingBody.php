<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Road\Corners;
use Lernfall\Road\HeardRing;
use Lernfall\Road\HeardWheels;
use Lernfall\Road\UnitMoves;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Motion\Chassis;
use LogicException;

/** A car as it rolls on closed ground: what it is as a mass on wheels, what its module hears of them, and what that can move at the hydraulic unit. */
final readonly class RollingBody
{
    public Chassis $chassis;

    public function __construct(private Car $car, private Corners $corners)
    {
        $this->chassis = $car->vehicle->model->build->chassis ?? throw new LogicException('Who knows the corners of a car knows its chassis.');
    }

    public function heard(): HeardWheels
    {
        $least = $this->car->vehicle->model->build->slipControl->leavesBelowMetresPerSecond / $this->car->vehicle->tyre->rollingCircumferenceMetres();
        $rings = [];
        foreach ($this->corners->ids as $id) {
            $rings[$id] = HeardRing::of((new SpeedReception($this->car))->whileDriving($this->car->channel($id), 0.0), $least);
        }

        return new HeardWheels($this->car->vehicle, $this->corners, $rings);
    }

    /** Cars with the same wires share what has been solved. */
    public function moves(): UnitMoves
    {
        $wiring = $this->car->unitWiring();
        $electrical = $this->car->electrical();
        $celsius = $this->car->vehicle->climate->ambientCelsius;

        return Memo::with($wiring, "moves {$electrical->atUnit()} $celsius", fn (): UnitMoves => new UnitMoves($this->car->vehicle->unit()->hydraulics, $wiring, $electrical, $this->corners->ids, $celsius));
    }

    /** Tells two cars apart that roll otherwise, besides by their hydraulic units. */
    public function text(): string
    {
        $heard = $this->heard();

        return $this->car->electrical()->atUnit().' '.(int) $this->car->vehicle->brakeParts->isClosed(BrakeParts::STOP_LAMP_SWITCH, true).' '.md5(serialize([$heard->rings, $heard->wheels()]));
    }
}
