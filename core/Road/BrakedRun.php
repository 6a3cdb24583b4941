<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\Control\ControlWish;
use Lernfall\Module\Control\SlipControl;

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

    /**
     * @param  list<float>  $radii  rolling radii in metres, by wheel
     * @param  list<HeardWheel>  $listening  by wheel as the module takes it
     * @param  ?SlipControl  $control  null where it is switched off
     * @param  array{bool, bool}  $switch  whether the one at the pedal is closed with the pedal up, and down
     */
    public function __construct(
        private readonly RollingCar $car,
        private readonly PressedBrakes $brakes,
        private readonly array $radii,
        private readonly array $listening,
        private readonly ?SlipControl $control,
        private readonly array $switch = [false, true],
    ) {
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
            $record->pumpTurns[] = $this->brakes->press($wish, $newtons, self::TICK_SECONDS);
            $this->roll($now);
            $record->pressed[] = $newtons > self::LIGHTS_FROM_NEWTONS;
            $this->note($record, $now, $counted, $wish);
        }
        $record->left = $this->brakes->left($this->control !== null);

        return $record;
    }

    private function roll(float $now): void
    {
        $brakes = $this->brakes->torques($this->car->wheels);
        $seconds = self::TICK_SECONDS / self::SUBSTEPS;
        for ($step = 0; $step < self::SUBSTEPS; $step++) {
            $this->car->step($brakes, null, $seconds);
            foreach ($this->listening as $one) {
                $one->timer->turn($this->car->wheels[$one->turned]->turning / (2.0 * M_PI), $now + $step * $seconds, $seconds);
            }
        }
    }

    /** @param  list<float>  $counted */
    private function note(RoadRecord $record, float $now, array $counted, ControlWish $wish): void
    {
        $record->rolled($this->car, $this->radii, $now);
        $record->counted[] = $counted;
        $record->reference[] = $wish->reference;
        $record->bars[] = $this->brakes->bars();
        $record->phases[] = $wish->phases;
        $record->wishes[] = $wish->first;
        $record->pump[] = $wish->pump;
        $record->accumulated[] = $this->brakes->accumulated();
        $record->pedalCentimetres[] = $this->brakes->pedalCentimetres();
        $record->swings[] = $this->brakes->swingShare();
    }
}
