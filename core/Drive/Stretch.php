<?php

declare(strict_types=1);

namespace Lernfall\Drive;

/** Part of a drive: from one speed evenly to another, over one kind of ground. */
final readonly class Stretch
{
    public function __construct(
        public float $fromMetresPerSecond,
        public float $toMetresPerSecond,
        public float $seconds,
        public Ground $ground = Ground::Straight,
        public bool $braked = false,
    ) {
    }

    /** How long the speed lies between two limits. */
    public function secondsBetween(float $lower, float $upper): float
    {
        $slow = min($this->fromMetresPerSecond, $this->toMetresPerSecond);
        $fast = max($this->fromMetresPerSecond, $this->toMetresPerSecond);
        if ($fast === $slow) {
            return $slow >= $lower && $slow < $upper ? $this->seconds : 0.0;
        }
        $inside = max(0.0, min($fast, $upper) - max($slow, $lower));

        return $this->seconds * $inside / ($fast - $slow);
    }

    public function metres(): float
    {
        return ($this->fromMetresPerSecond + $this->toMetresPerSecond) / 2.0 * $this->seconds;
    }

    /** The part of it in which the speed lies between two limits; null where it never does. */
    public function within(float $lower, float $upper): ?self
    {
        $seconds = $this->secondsBetween($lower, $upper);
        $clamp = static fn (float $speed): float => max($lower, min($upper, $speed));

        return $seconds > 0.0 ? new self($clamp($this->fromMetresPerSecond), $clamp($this->toMetresPerSecond), $seconds, $this->ground, $this->braked) : null;
    }

    /** How long it takes until this part of it begins. */
    public function secondsUntil(self $part): float
    {
        $change = $this->toMetresPerSecond - $this->fromMetresPerSecond;

        return $change === 0.0 ? 0.0 : $this->seconds * ($part->fromMetresPerSecond - $this->fromMetresPerSecond) / $change;
    }

    /** The speed after some time. */
    public function speedAfter(float $seconds): float
    {
        return $this->seconds > 0.0
            ? $this->fromMetresPerSecond + ($this->toMetresPerSecond - $this->fromMetresPerSecond) * min(1.0, $seconds / $this->seconds)
            : $this->toMetresPerSecond;
    }

    /** How long a distance takes; v² = v₀² + 2·a·s. */
    public function secondsFor(float $metres): float
    {
        $change = $this->toMetresPerSecond - $this->fromMetresPerSecond;
        if ($change === 0.0) {
            return $metres / $this->fromMetresPerSecond;
        }
        $acceleration = $change / $this->seconds;

        return (sqrt(max(0.0, $this->fromMetresPerSecond ** 2 + 2.0 * $acceleration * $metres)) - $this->fromMetresPerSecond) / $acceleration;
    }

    /** The distance covered above a speed. */
    public function metresAbove(float $limit): float
    {
        $slow = min($this->fromMetresPerSecond, $this->toMetresPerSecond);
        $fast = max($this->fromMetresPerSecond, $this->toMetresPerSecond);
        $meanSpeed = (max($slow, $limit) + $fast) / 2.0;

        return $fast < $limit ? 0.0 : $this->secondsBetween($limit, INF) * $meanSpeed;
    }
}
