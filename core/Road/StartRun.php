<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeMachine;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Module\Control\TractionControl;
use Lernfall\Module\Control\TractionWish;
use Lernfall\Vehicle\Motion\Drivetrain;

/** A car that pulls away, tick by tick: engine, wheels, teeth counted, what the module makes of them, and valves, pump and engine again. */
final class StartRun
{
    /** An engine gives its torque up so much faster than it gains it: fuel is cut off at once. */
    private const FALLS_SHARE = 0.25;

    private readonly BrakeMachine $machine;

    /** Of the engine's torque, as it has followed the throttle. */
    private float $given = 0.0;

    /**
     * @param  int  $left  its left driven wheel; the right one is the next
     * @param  list<float>  $radii  rolling radii in metres, by wheel
     * @param  list<HeardWheel>  $listening  by wheel as the module takes it
     * @param  ?TractionControl  $control  null where it is switched off, or there is none
     */
    public function __construct(
        private readonly RollingCar $car,
        private readonly Drivetrain $drivetrain,
        private readonly int $left,
        private readonly WheelLines $brakes,
        private readonly array $radii,
        private readonly array $listening,
        private readonly ?TractionControl $control,
        private readonly UnitMoves $moves,
        private BrakeState $fluid,
    ) {
        $this->machine = new BrakeMachine($brakes->unit);
    }

    public function started(StartTask $task): RoadRecord
    {
        $record = new RoadRecord(BrakedRun::TICK_SECONDS);
        $ticks = (int) round($task->seconds() / $record->tickSeconds);
        for ($tick = 0; $tick < $ticks; $tick++) {
            $now = $tick * $record->tickSeconds;
            $counted = array_map(static fn (HeardWheel $one): float => $one->timer->read($now), $this->listening);
            $isOpen = $task->isOpen($now);
            $wish = $this->control?->tick($counted, $isOpen, $record->tickSeconds) ?? TractionWish::none($counted[0]);
            $record->pump[] = $wish->braked !== [];
            $record->pumpTurns[] = $this->brake($wish, $record->tickSeconds);
            $this->roll($isOpen ? $wish->engineShare : 0.0, $now, $record->tickSeconds);
            $this->note($record, $now, $counted, $wish);
        }

        return $record;
    }

    /** @return bool some pump turns */
    private function brake(TractionWish $wish, float $seconds): bool
    {
        $moved = $wish->braked === [] ? $this->moves->by($wish->wheels, false) : $this->moves->braking($wish->wheels, $wish->braked, $wish->builds);
        $this->fluid = $this->machine->after($this->fluid, 0.0, $moved, $seconds);

        return $moved->pumpsTurning !== [];
    }

    private function roll(float $share, float $now, float $tickSeconds): void
    {
        $brakes = $this->brakes->torques($this->fluid);
        $seconds = $tickSeconds / BrakedRun::SUBSTEPS;
        for ($step = 0; $step < BrakedRun::SUBSTEPS; $step++) {
            [$turningLeft, $turningRight] = [$this->car->turning[$this->left], $this->car->turning[$this->left + 1]];
            $axle = ($turningLeft * $this->radii[$this->left] + $turningRight * $this->radii[$this->left + 1]) / 2.0;
            $lag = $share < $this->given ? self::FALLS_SHARE * $this->drivetrain->lagSeconds : $this->drivetrain->lagSeconds;
            $this->given += ($share - $this->given) * min(1.0, $seconds / $lag);
            $this->car->step($brakes, new DrivenAxle($this->left, $this->given * $this->drivetrain->limited($axle) * $this->drivetrain->axleNewtonMetres, $this->drivetrain->engineKilogramSquareMetres, $turningLeft, $turningRight), $seconds);
            foreach ($this->listening as $one) {
                $one->timer->turn($this->car->turning[$one->turned] / (2.0 * M_PI), $now + $step * $seconds, $seconds);
            }
        }
    }

    /** @param  list<float>  $counted */
    private function note(RoadRecord $record, float $now, array $counted, TractionWish $wish): void
    {
        $record->rolled($this->car, $this->radii, $now);
        $record->counted[] = $counted;
        $record->reference[] = $wish->reference;
        $record->bars[] = $this->brakes->bars($this->fluid);
        $record->phases[] = $wish->phases;
        $record->engineShares[] = $wish->engineShare;
    }
}
