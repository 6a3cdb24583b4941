<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Brakes\Modulation;

/** Traction control at one driven wheel, by its brake: the pump presses while the wheel spins, its pressure is kept while it slows, and let out again before it is as slow as the car. */
final class SpinningWheel
{
    /** A wheel that slows by this, in m/s², needs no more pressure. */
    private const SLOWS_METRES_PER_SECOND_SQUARED = 4.0;

    /** It looks so far ahead: what a wheel will spin by then decides. */
    private const AHEAD_SECONDS = 0.06;

    /** Below this share of the spin it may have, its pressure is let out. */
    private const CALM_SHARE = 0.5;

    /** A wheel that spins by no more than so many times what it may is braked a little at a time. */
    private const STRONG_TIMES = 2.5;

    /** What the pump builds up in a second leaves in so much less through the outlet. */
    private const LEAVES_TIMES_AS_FAST = 2.0;

    /** Pressure is built up and let out for a tick at a time, once in so long; so quickly only where it hurries. */
    private const EVERY_SECONDS = 0.016;

    public WheelPhase $phase = WheelPhase::AsPressed;

    private float $built = 0.0;

    private float $sinceMoved = 0.0;

    /**
     * @param  float  $spins  by which it is faster than the car, m/s
     * @param  float  $limit  by which it may be
     * @param  float  $acceleration  of the wheel, m/s²
     * @param  bool  $mayBegin  the car is slow enough for a wheel to be braked
     */
    public function tick(float $spins, float $limit, float $acceleration, bool $mayBegin, float $seconds): Modulation
    {
        $this->sinceMoved += $seconds;
        $soon = $spins + self::AHEAD_SECONDS * min(0.0, $acceleration);
        $this->phase = match (true) {
            $this->phase === WheelPhase::AsPressed => $mayBegin && $spins > $limit ? WheelPhase::Builds : WheelPhase::AsPressed,
            $mayBegin && $spins > $limit && $acceleration > -self::SLOWS_METRES_PER_SECOND_SQUARED => WheelPhase::Builds,
            ! $mayBegin || $soon < self::CALM_SHARE * $limit => WheelPhase::LetsGo,
            default => WheelPhase::Waits,
        };

        return match ($this->phase) {
            WheelPhase::AsPressed => Modulation::Increase,
            WheelPhase::Builds => $this->build($spins > self::STRONG_TIMES * $limit, $seconds),
            WheelPhase::Waits => Modulation::Hold,
            WheelPhase::LetsGo => $this->letOut($soon < -self::CALM_SHARE * $limit, $seconds),
        };
    }

    public function end(): void
    {
        $this->phase = WheelPhase::AsPressed;
        $this->built = $this->sinceMoved = 0.0;
    }

    private function build(bool $hurries, float $seconds): Modulation
    {
        if (! $hurries && $this->sinceMoved < self::EVERY_SECONDS) {
            return Modulation::Hold;
        }
        $this->sinceMoved = 0.0;
        $this->built += $seconds;

        return Modulation::Increase;
    }

    private function letOut(bool $hurries, float $seconds): Modulation
    {
        if (! $hurries && $this->sinceMoved < self::EVERY_SECONDS) {
            return Modulation::Hold;
        }
        $this->sinceMoved = 0.0;
        $this->built -= self::LEAVES_TIMES_AS_FAST * $seconds;
        if ($this->built <= 0.0) {
            $this->end();
        }

        return Modulation::Reduce;
    }
}
