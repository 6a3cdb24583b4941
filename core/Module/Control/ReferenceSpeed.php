<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Motion\ReferenceLimits;

/**
 * What a program takes for the car's speed while it brakes, from the speeds of its wheels alone: it follows the fastest one, and where all slip it falls no faster than
 * it has learned the car to slow down.
 */
final class ReferenceSpeed
{
    /** Two speeds nearer to each other in time say too little. */
    private const LEARNS_OVER_SECONDS = 0.08;

    /** A fall that has been gentle for so long goes on so. */
    private const GENTLY_FOR_SECONDS = 0.25;

    /** It may slow down by this much more than it has. */
    private const MARGIN = 1.25;

    private const MARGIN_METRES_PER_SECOND_SQUARED = 0.8;

    private float $fallsBy;

    private float $agreed = 0.0;

    /** How long all wheels but one that stands have been let go and have gained no more speed. */
    private float $rolled = 0.0;

    private float $fastestBefore = 0.0;

    /** @var array<int, true> wheels it goes by */
    private array $believed = [true, true, true, true];

    /** @var array<int, true> wheels of an axle that still spun as it began, until they have come down to the car's speed */
    private array $spinning;

    public float $metresPerSecond;

    /** Where and when the car's speed was known last. */
    private float $knownSpeed;

    private float $knownAt = 0.0;

    /** How fast it was when it began to be watched, how long ago that was, and the lowest since. */
    private float $watchedFrom = 0.0;

    private float $watched = 0.0;

    private float $lowest = 0.0;

    /** @param  list<float>  $speeds  of the wheels as it begins, with nobody's foot on the brake yet; one that spins alone, or with the other of its axle, says nothing */
    public function __construct(private readonly ReferenceLimits $limits, array $speeds)
    {
        $this->spinning = $this->spinningAxle($speeds);
        $this->doubt($speeds);
        $this->fallsBy = $limits->mostSlowingMetresPerSecondSquared;
        $this->knownSpeed = $this->metresPerSecond = max([0.0, ...$this->believable($speeds)]);
    }

    /**
     * @param  list<float>  $speeds  of the wheels
     * @param  bool  $isControlled  some wheel's pressure is not as pressed
     * @param  bool  $turns  every wheel turns, as far as is counted: wheels that stand agree as well
     * @param  bool  $isLow  every wheel finds the road slippery
     */
    public function follow(array $speeds, bool $isControlled, bool $turns, bool $isLow, float $now, float $seconds): void
    {
        if (! $isControlled) {
            $this->doubt($speeds);
        }
        if ($this->spinning !== [] && max([0.0, ...array_intersect_key($speeds, $this->spinning)]) <= $this->metresPerSecond) {
            $this->spinning = [];
        }
        $speeds = $this->believable($speeds);
        $fastest = max([0.0, ...$speeds]);
        $slowest = min([$fastest, ...$speeds]);
        $this->agreed = $turns && $fastest - $slowest <= $this->limits->agreeShare * $fastest ? $this->agreed + $seconds : 0.0;
        $this->rolled = $isLow && ! $turns && $this->rollsBeside($speeds, $fastest) ? $this->rolled + $seconds : 0.0;
        $this->fastestBefore = $fastest;
        if ($this->agreed >= $this->limits->agreeSeconds || $this->rolled >= $this->limits->rollsSeconds) {
            $this->metresPerSecond = $fastest;
            if ($isControlled) {
                $this->learn($fastest, $now);
            } else {
                [$this->knownSpeed, $this->knownAt, $this->fallsBy] = [$fastest, $now, $this->limits->mostSlowingMetresPerSecondSquared];
            }

            return;
        }
        $falls = $isLow ? min($this->fallsBy, $this->limits->leastSlowingMetresPerSecondSquared) : $this->fallsBy;
        $this->metresPerSecond = max(min($fastest, $this->metresPerSecond + $this->limits->mostRisingMetresPerSecondSquared * $seconds), $this->metresPerSecond - $falls * $seconds);
        $this->watch($isControlled, $seconds);
    }

    /** A car that has slowed down gently for so long will not slow down much harder by itself, even where no wheel has recovered that would tell so. A speed that rises again was not the car's. */
    private function watch(bool $isControlled, float $seconds): void
    {
        $rises = $this->metresPerSecond > (1.0 + $this->limits->agreeShare) * $this->lowest;
        if (! $isControlled || $rises || $this->watched === 0.0) {
            [$this->watchedFrom, $this->watched, $this->lowest] = [$this->metresPerSecond, $isControlled ? $seconds : 0.0, $this->metresPerSecond];

            return;
        }
        $this->lowest = min($this->lowest, $this->metresPerSecond);
        $this->watched += $seconds;
        if ($this->watched >= self::GENTLY_FOR_SECONDS) {
            $this->fallsBy = min($this->fallsBy, $this->bearing(($this->watchedFrom - $this->metresPerSecond) / $this->watched));
            $this->watched = 0.0;
        }
    }

    /** By how much its speed may fall, in m/s², after it has fallen by so much. */
    private function bearing(float $slowing): float
    {
        return max($this->limits->leastSlowingMetresPerSecondSquared, min($this->limits->mostSlowingMetresPerSecondSquared, self::MARGIN * $slowing + self::MARGIN_METRES_PER_SECOND_SQUARED));
    }

    /** A wheel has recovered to this speed: the car is not slower. */
    public function learn(float $speed, float $now): void
    {
        if ($now - $this->knownAt < self::LEARNS_OVER_SECONDS) {
            return;
        }
        $this->fallsBy = $this->bearing(($this->knownSpeed - $speed) / ($now - $this->knownAt));
        $this->knownSpeed = $speed;
        $this->knownAt = $now;
    }

    /** @param  array<int, float>  $speeds */
    private function rollsBeside(array $speeds, float $fastest): bool
    {
        $turning = array_filter($speeds, static fn (float $speed): bool => $speed > 0.0);

        return count($speeds) - count($turning) === 1 && count($turning) > 1 && $fastest - min($turning) <= $this->limits->agreeShare * $fastest && $fastest <= $this->fastestBefore;
    }

    /**
     * @param  list<float>  $speeds
     * @return array<int, float>
     */
    private function believable(array $speeds): array
    {
        foreach ($speeds as $wheel => $speed) {
            if (! isset($this->believed[$wheel]) || isset($this->spinning[$wheel])) {
                unset($speeds[$wheel]);
            }
        }

        return $speeds;
    }

    /**
     * With nobody's foot on the brake nothing slows an axle down, so that of two whose wheels agree the faster one is driven, and spins.
     *
     * @param  list<float>  $speeds
     * @return array<int, true>
     */
    private function spinningAxle(array $speeds): array
    {
        foreach ([[0, 1, 2, 3], [2, 3, 0, 1]] as [$left, $right, $otherLeft, $otherRight]) {
            [$rolls, $most] = [min($speeds[$otherLeft], $speeds[$otherRight]), max($speeds[$otherLeft], $speeds[$otherRight])];
            if ($rolls > 0.0 && $most - $rolls <= $this->limits->agreeShare * $most && min($speeds[$left], $speeds[$right]) > (1.0 + $this->limits->doubtfulShare) * $most) {
                return [$left => true, $right => true];
            }
        }

        return [];
    }

    /** @param  list<float>  $speeds */
    private function doubt(array $speeds): void
    {
        $this->believed = [true, true, true, true];
        $sorted = $speeds;
        rsort($sorted);
        if ($sorted[0] > (1.0 + $this->limits->doubtfulShare) * $sorted[1]) {
            unset($this->believed[(int) array_search($sorted[0], $speeds, true)]);
        }
    }
}
