<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\Control\ControlWish;
use Lernfall\Module\Control\SlipControl;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Module\Control\TractionControl;
use Lernfall\Module\Control\TractionWish;

/** A car driven freely on closed ground, tick by tick: throttle, brake and steering as somebody has planned them. */
final class FreeRun
{
    private const STANDS_BELOW_METRES_PER_SECOND = 0.05;

    private const LIGHTS_FROM_NEWTONS = 5.0;

    private int $tick = 0;

    /**
     * @param  list<float>  $radii  rolling radii in metres, by wheel
     * @param  list<HeardWheel>  $listening  by wheel as the module takes it
     * @param  ?SlipDuty  $duty  null where the module does nothing about slip
     * @param  ?TractionControl  $traction  null where it is switched off, or there is none
     * @param  array{bool, bool}  $switch  whether the one at the pedal is closed with the pedal up, and down
     */
    public function __construct(
        private readonly RollingCar $car,
        private readonly Engine $engine,
        private readonly PressedBrakes $brakes,
        private readonly array $radii,
        private readonly array $listening,
        private readonly ?SlipDuty $duty,
        private readonly ?TractionControl $traction,
        private readonly array $switch,
    ) {
    }

    public function driven(FreeTask $task): FreeRecord
    {
        $whole = new RoadRecord(BrakedRun::TICK_SECONDS);
        $parts = [];
        foreach ($task->parts as $part) {
            $from = $this->tick;
            $this->part($part, $task->mostMetresPerSecond, $whole);
            $parts[] = [$part, $whole->part($from, $this->tick)];
        }
        $whole->left = $this->brakes->left($this->duty !== null);

        return new FreeRecord($whole, $parts);
    }

    private function part(FreePart $part, float $most, RoadRecord $record): void
    {
        $control = $part->isBraked() && $this->duty !== null ? new SlipControl($this->duty, $this->counted($this->tick * $record->tickSeconds)) : null;
        $ticks = (int) round($part->seconds / $record->tickSeconds);
        for ($done = 0; $done < $ticks && ($part->isThrottle || $this->car->metresPerSecond > self::STANDS_BELOW_METRES_PER_SECOND); $done++) {
            $now = $this->tick * $record->tickSeconds;
            $counted = $this->counted($now);
            $newtons = $part->footAfter($done * $record->tickSeconds);
            $isPressed = $newtons > self::LIGHTS_FROM_NEWTONS;
            $wish = $control?->tick($counted, $this->switch[(int) $isPressed], $done * $record->tickSeconds, $record->tickSeconds) ?? ControlWish::none(max([0.0, ...$counted]));
            $pull = $part->isBraked() ? null : $this->traction?->tick($counted, $part->isThrottle, $record->tickSeconds);
            $pull ??= TractionWish::none($wish->reference);
            $record->pumpTurns[] = $part->isBraked() ? $this->brakes->press($wish, $newtons, $record->tickSeconds) : $this->brakes->brakeAlone($pull, $record->tickSeconds);
            $this->car->steer($part->steers);
            $this->roll($part->isThrottle, $this->car->metresPerSecond < $most ? $pull->engineShare : 0.0, $now, $record->tickSeconds);
            $record->rolled($this->car, $this->radii, $now);
            $record->counted[] = $counted;
            $record->reference[] = $part->isBraked() ? $wish->reference : $pull->reference;
            $record->bars[] = $this->brakes->bars();
            $record->phases[] = $part->isBraked() ? $wish->phases : $pull->phases;
            $record->wishes[] = $part->isBraked() ? $wish->first : $pull->wheels;
            $record->pressed[] = $isPressed;
            $record->pump[] = $part->isBraked() ? $wish->pump : $pull->braked !== [];
            $record->accumulated[] = $this->brakes->accumulated();
            $record->pedalCentimetres[] = $this->brakes->pedalCentimetres();
            $record->swings[] = $this->brakes->swingShare();
            $record->engineShares[] = $pull->engineShare;
            $this->tick++;
        }
    }

    /** @return list<float> */
    private function counted(float $now): array
    {
        return array_map(static fn (HeardWheel $one): float => $one->timer->read($now), $this->listening);
    }

    private function roll(bool $isThrottle, float $share, float $now, float $tickSeconds): void
    {
        $torques = $this->brakes->torques($this->car->wheels);
        $seconds = $tickSeconds / BrakedRun::SUBSTEPS;
        for ($step = 0; $step < BrakedRun::SUBSTEPS; $step++) {
            $axle = $this->engine->follow($isThrottle ? $share : 0.0, $this->car, $seconds);
            $this->car->step($torques, $isThrottle ? $axle : null, $seconds);
            foreach ($this->listening as $one) {
                $one->timer->turn($this->car->wheels[$one->turned]->turning / (2.0 * M_PI), $now + $step * $seconds, $seconds);
            }
        }
    }
}
