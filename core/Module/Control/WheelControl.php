<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Motion\SlipControlDesign;
use Lernfall\Vehicle\Motion\SlipTriggers;

/**
 * The control of slip at one wheel: pressure is let go where it slips too much, held while it recovers, then built up again, first at once and then in small steps.
 *
 * Each tick of the program has two halves, for which it wishes by themselves.
 */
final class WheelControl
{
    /** A half of a tick, the shortest a valve is opened for. */
    private const OPEN_SECONDS = 0.002;

    public WheelPhase $phase = WheelPhase::AsPressed;

    /** The road is slippery: as far as this wheel can tell. */
    public bool $isLow = false;

    /** It has just recovered: its speed is the car's, nearly. */
    public bool $hasRecovered = false;

    private float $letGo = 0.0;

    private float $inPhase = 0.0;

    private float $owed = 0.0;

    private float $sinceStep = 0.0;

    private int $steps = 0;

    private float $cycle = 0.0;

    private float $accelerationBefore = 0.0;

    public function __construct(private readonly SlipControlDesign $design)
    {
    }

    /**
     * @param  float  $speed  of the wheel
     * @param  float  $acceleration  of the wheel, m/s²
     * @param  float  $reference  the car's speed as the program takes it
     * @param  SlipTriggers  $triggers  from where on it slips too much
     * @param  float  $stepEvery  seconds from one small step to the next
     * @return array{Modulation, Modulation} for the halves of the tick
     */
    public function tick(float $speed, float $acceleration, float $reference, SlipTriggers $triggers, float $stepEvery, float $seconds): array
    {
        $this->hasRecovered = false;
        $this->inPhase += $seconds;
        $this->cycle += $seconds;
        $slips = $reference - $speed;
        $limit = $triggers->limit($reference);
        $tooMuch = $triggers->areReached($reference, $speed, $acceleration);
        match ($this->phase) {
            WheelPhase::AsPressed => $tooMuch ? $this->letGo() : null,
            WheelPhase::LetsGo => $this->lettingGo($acceleration, $slips, $limit, $seconds),
            WheelPhase::Waits => $this->waiting($acceleration, $slips, $limit),
            WheelPhase::Builds => $tooMuch ? $this->letGo() : null,
        };
        $this->accelerationBefore = $acceleration;

        return $this->wish($stepEvery, $seconds);
    }

    /** It has not recovered for so long that the road can only be slippery. */
    public function isSuspect(): bool
    {
        return ($this->phase === WheelPhase::LetsGo || $this->phase === WheelPhase::Waits) && $this->cycle > $this->design->recovery->suspectAfterSeconds;
    }

    public function isActive(): bool
    {
        return $this->phase !== WheelPhase::AsPressed;
    }

    public function end(): void
    {
        $this->phase = WheelPhase::AsPressed;
        $this->isLow = false;
    }

    private function letGo(): void
    {
        $this->phase = WheelPhase::LetsGo;
        $this->inPhase = $this->cycle = $this->letGo = 0.0;
    }

    private function lettingGo(float $acceleration, float $slips, float $limit, float $seconds): void
    {
        $isRising = $acceleration > $this->accelerationBefore;
        $isTurning = $acceleration > $this->design->recovery->risesMetresPerSecondSquared || $slips < $limit || ($isRising && ! $this->isSuspect());
        if ($acceleration > -$this->design->recovery->endsMetresPerSecondSquared && $isTurning && $this->inPhase > $seconds) {
            $this->wait();
        }
    }

    private function wait(): void
    {
        $this->phase = WheelPhase::Waits;
        $this->inPhase = 0.0;
    }

    private function waiting(float $acceleration, float $slips, float $limit): void
    {
        $isStrong = $acceleration > $this->design->recovery->strongMetresPerSecondSquared;
        if ($this->inPhase >= $this->design->recovery->againSeconds && $acceleration < $this->design->recovery->settledMetresPerSecondSquared && $slips > $limit) {
            $this->phase = WheelPhase::LetsGo;
            $this->inPhase = 0.0;
        } elseif ($isStrong ? $slips < $this->design->recovery->recoveredShare * $limit : ($acceleration < $this->design->recovery->settledMetresPerSecondSquared && $slips < $limit)) {
            $this->recover();
        }
    }

    private function recover(): void
    {
        $this->phase = WheelPhase::Builds;
        $this->inPhase = 0.0;
        $this->hasRecovered = true;
        $this->isLow = $this->cycle > $this->design->recovery->lowAfterSeconds;
        $this->owed = $this->isLow ? 0.0 : $this->design->rebuilding->atOnceShare * $this->letGo;
        $this->sinceStep = 0.0;
        $this->steps = 0;
    }

    /** @return array{Modulation, Modulation} */
    private function wish(float $stepEvery, float $seconds): array
    {
        if ($this->phase === WheelPhase::AsPressed) {
            return [Modulation::Increase, Modulation::Increase];
        }
        if ($this->phase === WheelPhase::LetsGo) {
            $this->letGo += $seconds;

            return [Modulation::Reduce, Modulation::Reduce];
        }
        if ($this->phase === WheelPhase::Waits) {
            return [Modulation::Hold, Modulation::Hold];
        }
        if ($this->owed > self::OPEN_SECONDS / 2.0) {
            $this->owed -= $seconds;

            return [Modulation::Increase, $this->owed > -$seconds / 2.0 ? Modulation::Increase : Modulation::Hold];
        }
        $this->sinceStep += $seconds;
        if ($this->sinceStep >= $stepEvery) {
            $this->sinceStep = 0.0;
            $longer = $this->longerBy($stepEvery);
            $this->owed = max(0.0, min($longer * self::OPEN_SECONDS, $stepEvery) - self::OPEN_SECONDS);

            return [Modulation::Increase, $longer > 0 ? Modulation::Increase : Modulation::Hold];
        }

        return [Modulation::Hold, Modulation::Hold];
    }

    /** By how many halves of a tick: after many steps without slip the road has become better, but for a front wheel that is kept from turning the car. */
    private function longerBy(float $stepEvery): int
    {
        $rebuilding = $this->design->rebuilding;

        return $stepEvery > $rebuilding->stepEverySeconds ? 0 : max(0, ++$this->steps - $rebuilding->growsAfterSteps);
    }
}
