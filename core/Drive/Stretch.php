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

    /** The distance covered above a speed. */
    public function metresAbove(float $limit): float
    {
        $slow = min($this->fromMetresPerSecond, $this->toMetresPerSecond);
        $fast = max($this->fromMetresPerSecond, $this->toMetresPerSecond);
        $meanSpeed = (max($slow, $limit) + $fast) / 2.0;

        return $fast < $limit ? 0.0 : $this->secondsBetween($limit, INF) * $meanSpeed;
    }
}
