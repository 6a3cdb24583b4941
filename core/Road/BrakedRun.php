<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeMachine;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Module\Control\ControlWish;
use Lernfall\Module\Control\SlipControl;
use Lernfall\Vehicle\Brakes\BrakeUnit;

/** A car braked on a road, tick by tick: foot, fluid, wheels, teeth counted, what the module makes of them, and its valves again. */
final class BrakedRun
{
    /** Of the module's program. */
    public const TICK_SECONDS = 0.004;

    /** Of the wheels within a tick. */
    public const SUBSTEPS = 2;

    private const STANDS_BELOW_METRES_PER_SECOND = 0.05;

    /** The switch at the pedal closes. */
    private const LIGHTS_FROM_NEWTONS = 5.0;

    private readonly BrakeMachine $machine;

    private readonly WheelLines $brakes;

    private readonly float $mostDisplaced;

    /**
     * @param  list<string>  $wheels  front left, front right, rear left, rear right, as the hydraulic unit names them
     * @param  list<float>  $radii  rolling radii in metres, by wheel
     * @param  list<HeardWheel>  $listening  by wheel as the module takes it
     * @param  ?SlipControl  $control  null where it is switched off
     * @param  array{bool, bool}  $switch  whether the one at the pedal is closed with the pedal up, and down
     */
    public function __construct(
        private readonly RollingCar $car,
        private readonly BrakeUnit $unit,
        array $wheels,
        private readonly array $radii,
        private readonly array $listening,
        private readonly ?SlipControl $control,
        private readonly UnitMoves $moves,
        private BrakeState $fluid,
        private readonly array $switch = [false, true],
    ) {
        $this->machine = new BrakeMachine($unit->hydraulics);
        $this->brakes = new WheelLines($unit->hydraulics, $wheels);
        $master = $unit->master;
        $this->mostDisplaced = $master->pedalCentimetres * $master->boreSquareCentimetres / $master->pedalRatio;
    }

    /** Until the car stands, or the foot is let go. */
    public function stopped(StopTask $task): RoadRecord
    {
        $record = new RoadRecord(self::TICK_SECONDS);
        $ticks = (int) round($task->mostSeconds / self::TICK_SECONDS);
        for ($tick = 0; $tick < $ticks && $this->car->metresPerSecond > self::STANDS_BELOW_METRES_PER_SECOND; $tick++) {
            $now = $tick * self::TICK_SECONDS;
            $newtons = $task->footAfter($now);
            $counted = array_map(static fn (HeardWheel $one): float => $one->timer->read($now), $this->listening);
            $wish = $this->control?->tick($counted, $this->switch[(int) ($newtons > self::LIGHTS_FROM_NEWTONS)], $now, self::TICK_SECONDS) ?? ControlWish::none($counted[0]);
            $record->pumpTurns[] = $this->brake($wish, $this->unit->master->bar($newtons));
            $this->roll($now);
            $record->pressed[] = $newtons > self::LIGHTS_FROM_NEWTONS;
            $this->note($record, $now, $counted, $wish);
        }
        $record->left = $this->left();

        return $record;
    }

    /** @return bool some pump turns */
    private function brake(ControlWish $wish, float $wantedBar): bool
    {
        $bar = $this->stoppedBar($wantedBar);
        $moved = $this->moves->by($wish->first, $wish->pump);
        if ($wish->isOne()) {
            $this->fluid = $this->machine->after($this->fluid, $bar, $moved, self::TICK_SECONDS);

            return $moved->pumpsTurning !== [];
        }
        $this->fluid = $this->machine->after($this->fluid, $bar, $moved, self::TICK_SECONDS / 2.0);
        $this->fluid = $this->machine->after($this->fluid, $bar, $this->moves->by($wish->second, $wish->pump), self::TICK_SECONDS / 2.0);

        return $moved->pumpsTurning !== [];
    }

    /** With the pedal down to its stop a foot presses no more. */
    private function stoppedBar(float $wantedBar): float
    {
        $over = array_sum($this->fluid->displaced) - $this->mostDisplaced;
        if ($over <= 0.0) {
            return $wantedBar;
        }

        return max(0.0, min($wantedBar, max([0.0, ...array_values($this->fluid->bar)]) - $over / $this->brakes->capacity($this->fluid)));
    }

    /**
     * Once the car stands the module has the pumps run until the accumulators are empty, if they can.
     *
     * @return array<string, float> cubic centimetres in the accumulators, by circuit
     */
    private function left(): array
    {
        $turning = $this->moves->by(ControlWish::none(0.0)->first, true)->pumpsTurning;
        $left = [];
        foreach ($this->fluid->accumulated as $name => $cubicCentimetres) {
            $isEmptied = $this->control !== null && in_array($name, $turning, true) && $this->unit->hydraulics->circuits[$name]->pumpCubicCentimetresPerSecond > 0.0;
            $left[$name] = $isEmptied ? 0.0 : $cubicCentimetres;
        }

        return $left;
    }

    private function roll(float $now): void
    {
        $brakes = $this->brakes->torques($this->fluid);
        $seconds = self::TICK_SECONDS / self::SUBSTEPS;
        for ($step = 0; $step < self::SUBSTEPS; $step++) {
            $this->car->step($brakes, null, $seconds);
            foreach ($this->listening as $one) {
                $one->timer->turn($this->car->turning[$one->turned] / (2.0 * M_PI), $now + $step * $seconds, $seconds);
            }
        }
    }

    /** @param  list<float>  $counted */
    private function note(RoadRecord $record, float $now, array $counted, ControlWish $wish): void
    {
        $record->rolled($this->car, $this->radii, $now);
        $record->counted[] = $counted;
        $record->reference[] = $wish->reference;
        $record->bars[] = $this->brakes->bars($this->fluid);
        $record->phases[] = $wish->phases;
        $record->wishes[] = $wish->first;
        $record->pump[] = $wish->pump;
        $record->accumulated[] = array_sum($this->fluid->accumulated);
        $record->pedalCentimetres[] = $this->unit->master->pedalTravelCentimetres(array_sum($this->fluid->displaced));
    }
}
