<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeState;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Motion\Drivetrain;
use Lernfall\Vehicle\Vehicle;

/** A car made ready for a free drive: as for a stop, and as for pulling away. */
final readonly class FreeCar
{
    /**
     * @param  int  $left  its left driven wheel; the right one is the next
     * @param  ?SlipDuty  $duty  what the module does about slip; null where something has made it give up
     * @param  bool  $keepsFromSpinning  the module keeps driven wheels from spinning, where it can
     * @param  array<string, float>  $accumulated  cubic centimetres in the accumulators, by circuit
     */
    public function __construct(
        private Vehicle $vehicle,
        private Chassis $chassis,
        private Drivetrain $drivetrain,
        private int $left,
        private HeardWheels $heard,
        private UnitMoves $moves,
        private ?SlipDuty $duty,
        private bool $keepsFromSpinning,
        private array $accumulated = [],
    ) {
    }

    /** @param  float  $way  of trying, from 0 to 1: where the rings stand as it begins */
    public function drive(FreeTask $task, float $way = 0.0): FreeRecord
    {
        $corners = $this->heard->corners;
        $radii = $corners->radiiMetres($this->vehicle);
        $unit = $this->vehicle->unit();
        $closed = fn (bool $pressed): bool => $this->vehicle->brakeParts->isClosed(BrakeParts::STOP_LAMP_SWITCH, $pressed);

        return (new FreeRun(
            new RollingCar($this->chassis, $radii, $task->track, 0.0), new Engine($this->drivetrain, $this->left, $radii),
            new PressedBrakes($unit, $corners->ids, $this->moves, BrakeState::atRest($unit->hydraulics)->with($this->accumulated)),
            $radii, $this->heard->at(0.0, $way), $this->duty, $this->keepsFromSpinning ? StartingCar::controlOf($this->vehicle, $corners, $this->left) : null, [$closed(false), $closed(true)],
        ))->driven($task);
    }
}
