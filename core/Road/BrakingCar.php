<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeState;
use Lernfall\Module\Control\SlipControl;
use Lernfall\Module\Control\ToothTimer;
use Lernfall\Vehicle\Motion\Chassis;
use Lernfall\Vehicle\Vehicle;

/** A car made ready for a stop: its mass, its tyres, its brakes, and what its module hears of the wheels. */
final readonly class BrakingCar
{
    /** Where each ring stands as the brakes are put on, in turns; rings that stand alike would be alike to the last bit. */
    private const PHASES = [0.137, 0.274, 0.411, 0.548];

    /** By how much that differs from one way of trying to the next. */
    private const FURTHER = [0.31, 0.48, 0.65, 0.82];

    /**
     * @param  array<string, HeardRing>  $rings  as the module hears them, by channel
     * @param  bool  $controls  the module controls slip: nothing has made it give up
     * @param  array<string, float>  $accumulated  cubic centimetres in the accumulators, by circuit
     */
    public function __construct(private Vehicle $vehicle, private Chassis $chassis, private Corners $corners, private array $rings, private bool $controls, private UnitMoves $moves, private array $accumulated = [])
    {
    }

    /** @param  float  $way  of trying, from 0 to 1: where the rings stand as it begins */
    public function stop(StopTask $task, float $way = 0.0): RoadRecord
    {
        $radii = array_map(fn (string $id): float => $this->vehicle->tyre->rollingCircumferenceMetres() * $this->vehicle->channel($id)->wheelEnd->tyreFactor / (2.0 * M_PI), $this->corners->ids);
        $listening = $this->listening($task->metresPerSecond, $way);
        $control = $this->controls ? new SlipControl($this->vehicle->model->build->slipControl, array_map(static fn (HeardWheel $one): float => $one->timer->read(0.0), $listening)) : null;
        $unit = $this->vehicle->unit();

        return (new BrakedRun(
            new RollingCar($this->chassis, $radii, $task->track, $task->metresPerSecond), $unit, $this->corners->ids, $radii, $listening, $control, $this->moves,
            BrakeState::atRest($unit->hydraulics)->with($this->accumulated),
        ))->stopped($task);
    }

    /** @return list<HeardWheel> by wheel as the module takes it: its pins may belong to another one */
    private function listening(float $metresPerSecond, float $way): array
    {
        $behind = $this->vehicle->inputs();
        $listening = [];
        foreach ($this->corners->ids as $wheel => $id) {
            $source = $behind[$id] ?? $id;
            $turned = (int) array_search($source, $this->corners->ids, true);
            $phase = fmod(self::PHASES[$turned] + $way * self::FURTHER[$turned], 1.0);
            $ring = $this->rings[$source] ?? HeardRing::silent();
            $aTooth = $this->vehicle->tyre->rollingCircumferenceMetres() / $this->vehicle->reckonedTeeth($source);
            $turnsPerSecond = $metresPerSecond / $this->vehicle->tyre->rollingCircumferenceMetres() / $this->vehicle->channel($source)->wheelEnd->tyreFactor;
            $listening[] = new HeardWheel($turned, new ToothTimer($ring->heardFrom, $ring->crackPitches, $phase, $aTooth, $ring->teethPerSecond($turnsPerSecond) * $aTooth));
        }

        return $listening;
    }
}
