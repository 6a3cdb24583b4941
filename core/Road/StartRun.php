<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\Control\TractionControl;
use Lernfall\Module\Control\TractionWish;

/** A car that pulls away, tick by tick: engine, wheels, teeth counted, what the module makes of them, and valves, pump and engine again. */
final class StartRun
{
    /**
     * @param  list<float>  $radii  rolling radii in metres, by wheel
     * @param  list<HeardWheel>  $listening  by wheel as the module takes it
     * @param  ?TractionControl  $control  null where it is switched off, or there is none
     */
    public function __construct(
        private readonly RollingCar $car,
        private readonly Engine $engine,
        private readonly PressedBrakes $brakes,
        private readonly array $radii,
        private readonly array $listening,
        private readonly ?TractionControl $control,
    ) {
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
            $record->pumpTurns[] = $this->brakes->brakeAlone($wish, $record->tickSeconds);
            $this->roll($isOpen ? $wish->engineShare : 0.0, $now, $record->tickSeconds);
            $this->note($record, $now, $counted, $wish);
        }

        return $record;
    }

    private function roll(float $share, float $now, float $tickSeconds): void
    {
        $brakes = $this->brakes->torques($this->car->wheels);
        $seconds = $tickSeconds / BrakedRun::SUBSTEPS;
        for ($step = 0; $step < BrakedRun::SUBSTEPS; $step++) {
            $this->car->step($brakes, $this->engine->follow($share, $this->car, $seconds), $seconds);
            foreach ($this->listening as $one) {
                $one->timer->turn($this->car->wheels[$one->turned]->turning / (2.0 * M_PI), $now + $step * $seconds, $seconds);
            }
        }
    }

    /** @param  list<float>  $counted */
    private function note(RoadRecord $record, float $now, array $counted, TractionWish $wish): void
    {
        $record->rolled($this->car, $this->radii, $now);
        $record->counted[] = $counted;
        $record->reference[] = $wish->reference;
        $record->bars[] = $this->brakes->bars();
        $record->phases[] = $wish->phases;
        $record->engineShares[] = $wish->engineShare;
    }
}
