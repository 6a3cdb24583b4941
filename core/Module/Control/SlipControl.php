<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Motion\SlipControlDesign;
use Lernfall\Vehicle\Motion\SlipTriggers;

/**
 * The program that keeps braked wheels from locking. It knows the speeds it has counted and the switch at the pedal, nothing else: neither the car's speed nor the road.
 *
 * Wheels are front left, front right, rear left, rear right.
 */
final class SlipControl
{
    /** Of the low pass through which accelerations are taken. */
    private const FILTER_SECONDS = 0.008;

    /** The pump runs on for so long after the last wheel was let go. */
    private const PUMP_RUNS_ON_SECONDS = 0.4;

    /** Rear wheels are held by brake-force distribution from this deceleration of the car on, in m/s². */
    private const DISTRIBUTES_FROM = 1.5;

    /** A car that slows down by more, in m/s², is braked. */
    private const BRAKES_UNSEEN_FROM = 2.5;

    private const AS_PRESSED = [Modulation::Increase, Modulation::Increase, Modulation::Increase, Modulation::Increase];

    /** And from this one on, whatever they slip, where wheels are not kept from locking. */
    private const DISTRIBUTES_ALONE_FROM = 2.5;

    /** Of the low pass through which the car's deceleration is taken for that. */
    private const SLOWING_SECONDS = 0.1;

    /** Held rear wheels are let on again at this share of the slip from which they are held. */
    private const LET_ON_SHARE = 0.6;

    private ReferenceSpeed $reference;

    /** @var list<WheelControl> */
    private array $wheels;

    /** @var list<float> by which each wheel's speed is put right */
    private array $learned;

    /** @var list<float> */
    private array $before;

    /** @var array<int, float> by wheel */
    private array $accelerations = [0.0, 0.0, 0.0, 0.0];

    private float $pumpUntil = 0.0;

    private bool $isRearHeld = false;

    private float $slowing = 0.0;

    private float $standing = 0.0;

    private bool $isOn = false;

    private readonly SlipControlDesign $design;

    private readonly SlipTriggers $unseen;

    /** @param  list<float>  $speeds  as it begins, with nobody's foot on the brake */
    public function __construct(private readonly SlipDuty $duty, array $speeds)
    {
        $design = $this->design = $duty->design;
        $this->unseen = $design->triggers->times($design->triggers->unseenFactor);
        $sorted = $speeds;
        sort($sorted);
        $usual = $sorted[1];
        $this->learned = array_map(static fn (float $speed): float => $speed > 0.0 && abs($usual / $speed - 1.0) <= $design->reference->learnsShare ? $usual / $speed : 1.0, $speeds);
        $this->before = $this->relied($this->corrected($speeds));
        $this->reference = new ReferenceSpeed($design->reference, $this->before);
        $this->wheels = array_map(static fn (): WheelControl => new WheelControl($design), $speeds);
    }

    /**
     * A wheel that it does not believe is taken to turn as the other one of its axle, or as the slowest that it does believe.
     *
     * @param  list<float>  $speeds
     * @return list<float>
     */
    private function relied(array $speeds): array
    {
        if (count($this->duty->relied) === count($speeds)) {
            return $speeds;
        }
        $believed = array_intersect_key($speeds, array_flip($this->duty->relied));
        $slowest = min([INF, ...$believed]);

        return array_map(static fn (int $wheel): float => $believed[$wheel] ?? $believed[$wheel ^ 1] ?? (is_infinite($slowest) ? 0.0 : $slowest), array_keys($speeds));
    }

    /**
     * @param  list<float>  $speeds
     * @return list<float>
     */
    private function corrected(array $speeds): array
    {
        $corrected = [];
        foreach ($speeds as $wheel => $speed) {
            $corrected[] = $speed * $this->learned[$wheel];
        }

        return $corrected;
    }

    /**
     * @param  list<float>  $speeds  of the wheels as counted
     * @param  bool  $brakes  the switch at the pedal says so; where it does not, wheels are believed to lock only when they slip more
     */
    public function tick(array $speeds, bool $brakes, float $now, float $seconds): ControlWish
    {
        $speeds = $this->relied($this->corrected($speeds));
        foreach ($speeds as $wheel => $speed) {
            $this->accelerations[$wheel] += (($speed - $this->before[$wheel]) / $seconds - $this->accelerations[$wheel]) * $seconds / ($seconds + self::FILTER_SECONDS);
        }
        $this->before = $speeds;
        $before = $this->reference->metresPerSecond;
        $this->reference->follow($speeds, $this->isOn || ! $this->duty->keepsFromLocking && $this->isRearHeld, min([INF, ...$speeds]) > $this->design->leavesBelowMetresPerSecond, $this->isLow(), $now, $seconds);
        $this->slowing += (($before - $this->reference->metresPerSecond) / $seconds - $this->slowing) * $seconds / self::SLOWING_SECONDS;
        $this->standing = max([0.0, ...$speeds]) < $this->design->leavesBelowMetresPerSecond ? $this->standing + $seconds : 0.0;
        if (! $brakes && ! $this->seemsBraked($speeds) || $this->reference->metresPerSecond < $this->design->leavesBelowMetresPerSecond || $this->standing > $this->design->reference->standsAfterSeconds) {
            $this->end();

            return ControlWish::none($this->reference->metresPerSecond);
        }
        if (! $this->isOn && $this->reference->metresPerSecond < $this->design->entersAboveMetresPerSecond) {
            return ControlWish::none($this->reference->metresPerSecond);
        }
        $halves = $this->duty->keepsFromLocking ? $this->wishes($speeds, $brakes ? $this->design->triggers : $this->unseen, $now, $seconds) : $this->distributed([self::AS_PRESSED, self::AS_PRESSED], $speeds, $this->reference->metresPerSecond);

        $phases = [];
        foreach ($this->wheels as $wheel) {
            $phases[] = $wheel->phase;
        }

        return new ControlWish($halves[0], $halves[1], $now < $this->pumpUntil, $this->reference->metresPerSecond, $phases);
    }

    /** Every wheel finds the road slippery; one in the rear that has not been let go yet says nothing of it, while those in front agree. */
    private function isLow(): bool
    {
        foreach ($this->wheels as $wheel => $control) {
            if (! $control->isLow && ! $control->isSuspect() && ($wheel < 2 || $control->isActive())) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whatever the switch at the pedal says: the car slows down markedly, or two wheels and more turn too slowly, where one alone could be a sensor that drops out.
     *
     * @param  list<float>  $speeds
     */
    private function seemsBraked(array $speeds): bool
    {
        $reference = $this->reference->metresPerSecond;

        return $this->isOn || $this->slowing > self::BRAKES_UNSEEN_FROM || count(array_filter($speeds, fn (float $speed): bool => $reference - $speed > $this->unseen->limit($reference))) > 1;
    }

    private function end(): void
    {
        foreach ($this->wheels as $wheel) {
            $wheel->end();
        }
        $this->isOn = $this->isRearHeld = false;
    }

    /**
     * @param  list<float>  $speeds
     * @param  SlipTriggers  $triggers  from where on a wheel slips too much
     * @return array{list<Modulation>, list<Modulation>}
     */
    private function wishes(array $speeds, SlipTriggers $triggers, float $now, float $seconds): array
    {
        $reference = $this->reference->metresPerSecond;
        $halves = [[], []];
        foreach ($this->wheels as $wheel => $control) {
            $seen = $this->design->rearTogether && $wheel >= 2 ? ($speeds[2] <= $speeds[3] ? 2 : 3) : $wheel;
            $other = $wheel < 2 ? $this->wheels[1 - $wheel] : null;
            $every = $other !== null && $this->design->rebuilding->yawDelaySeconds > 0.0 && $other->isLow && ! $control->isLow ? $this->design->rebuilding->stepEverySeconds + $this->design->rebuilding->yawDelaySeconds : $this->design->rebuilding->stepEverySeconds;
            [$first, $second] = $control->tick($speeds[$seen], $this->accelerations[$seen], $reference, $triggers, $every, $seconds);
            if ($control->hasRecovered) {
                $this->reference->learn($speeds[$seen], $now);
            }
            if ($control->phase === WheelPhase::LetsGo) {
                $this->pumpUntil = $now + self::PUMP_RUNS_ON_SECONDS;
                $this->isOn = true;
            }
            $halves[0][] = $first;
            $halves[1][] = $second;
        }

        return $this->distributed($halves, $speeds, $reference);
    }

    /**
     * Brake-force distribution: rear wheels that slip more than a little are held at the pressure they have. Where wheels in front may lock as well, slip says too little: they are held as the car slows down markedly, for the rest of the stop.
     *
     * @param  array{list<Modulation>, list<Modulation>}  $halves
     * @param  list<float>  $speeds
     * @return array{list<Modulation>, list<Modulation>}
     */
    private function distributed(array $halves, array $speeds, float $reference): array
    {
        $slip = $reference > 0.0 ? 1.0 - min($speeds[2], $speeds[3]) / $reference : 0.0;
        $isAlone = ! $this->duty->keepsFromLocking;
        $this->isRearHeld = $isAlone && ($this->isRearHeld || $this->slowing > self::DISTRIBUTES_ALONE_FROM) || $this->slowing > self::DISTRIBUTES_FROM && $slip > $this->design->rearSlipShare * ($this->isRearHeld ? self::LET_ON_SHARE : 1.0);
        if (! $this->isRearHeld) {
            return $halves;
        }
        $held = fn (int $wheel, Modulation $wanted): Modulation => $wheel >= 2 && ! $this->wheels[$wheel]->isActive() ? Modulation::Hold : $wanted;

        return [array_map($held, array_keys($halves[0]), $halves[0]), array_map($held, array_keys($halves[1]), $halves[1])];
    }
}
