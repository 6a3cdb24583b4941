<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Motion\TractionDesign;

/**
 * The program that keeps driven wheels from spinning: it takes the faster of the other two for the car's speed, brakes a driven wheel that is much faster, or holds the engine back.
 * It knows the speeds it has counted and the pedals, nothing else.
 *
 * Wheels are front left, front right, rear left, rear right.
 */
final class TractionControl
{
    /** Of the low pass through which accelerations are taken. */
    private const FILTER_SECONDS = 0.02;

    /** How fast the engine is held back, and let on again, as a share of its torque in a second. */
    private const HOLDS_BACK_BY = 6.0;

    private const LETS_ON_BY = 0.8;

    private const LEAST_SHARE = 0.05;

    /** @var array<int, SpinningWheel> by driven wheel */
    private readonly array $wheels;

    /** @var list<float> */
    private array $before = [0.0, 0.0, 0.0, 0.0];

    /** @var array<int, float> by wheel */
    private array $accelerations = [0.0, 0.0, 0.0, 0.0];

    private float $engineShare = 1.0;

    /**
     * @param  int  $left  the left driven wheel; the right one is the next
     * @param  bool  $byBrake  driven wheels can be braked without the pedal
     */
    public function __construct(private readonly TractionDesign $design, private readonly int $left, private readonly bool $byBrake, private readonly bool $byTorque)
    {
        $this->wheels = [$left => new SpinningWheel, $left + 1 => new SpinningWheel];
    }

    /**
     * @param  list<float>  $speeds  of the wheels as counted
     * @param  bool  $throttle  the driver asks for more than the engine needs to run
     */
    public function tick(array $speeds, bool $throttle, float $seconds): TractionWish
    {
        foreach ($speeds as $wheel => $speed) {
            $this->accelerations[$wheel] += (($speed - $this->before[$wheel]) / $seconds - $this->accelerations[$wheel]) * $seconds / ($seconds + self::FILTER_SECONDS);
        }
        $this->before = $speeds;
        $reference = max([0.0, ...array_diff_key($speeds, $this->wheels)]);
        if (! $throttle) {
            $this->end();

            return TractionWish::none($reference);
        }
        $limit = $this->design->limit($reference);
        $spins = array_map(static fn (float $speed): float => $speed - $reference, array_intersect_key($speeds, $this->wheels));
        $this->holdBack(max([0.0, ...$spins]) > $limit, $seconds);

        return $this->byBrake ? $this->braking($spins, $limit, $reference, $seconds) : new TractionWish(array_fill(0, 4, Modulation::Increase), [], false, $this->engineShare, $reference, array_fill(0, 4, WheelPhase::AsPressed));
    }

    /** @param  array<int, float>  $spins  by driven wheel */
    private function braking(array $spins, float $limit, float $reference, float $seconds): TractionWish
    {
        [$wishes, $phases, $braked, $builds] = [array_fill(0, 4, Modulation::Increase), array_fill(0, 4, WheelPhase::AsPressed), [], false];
        foreach ($this->wheels as $wheel => $spinning) {
            $wishes[$wheel] = $spinning->tick($spins[$wheel], $limit, $this->accelerations[$wheel], $reference < $this->design->brakesBelowMetresPerSecond, $seconds);
            $phases[$wheel] = $spinning->phase;
            $builds = $builds || $spinning->phase === WheelPhase::Builds;
            if ($spinning->phase !== WheelPhase::AsPressed) {
                $braked[] = $wheel;
            }
        }

        return new TractionWish(array_values($wishes), $braked, $builds, $this->engineShare, $reference, array_values($phases));
    }

    private function holdBack(bool $spins, float $seconds): void
    {
        if ($this->byTorque) {
            $this->engineShare = $spins ? max(self::LEAST_SHARE, $this->engineShare - self::HOLDS_BACK_BY * $seconds) : min(1.0, $this->engineShare + self::LETS_ON_BY * $seconds);
        }
    }

    private function end(): void
    {
        $this->engineShare = 1.0;
        foreach ($this->wheels as $wheel) {
            $wheel->end();
        }
    }
}
