<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** An active sensor's signal: two levels, the same at any speed and for any tooth, down to near standstill. */
final readonly class SwitchedSignal implements SpeedSignal
{
    /** A wheel slower than this is taken as standing. */
    private const STANDSTILL_TURNS_PER_SECOND = 0.02;

    public function __construct(private float $lowerLevel, private float $upperLevel, private float $threshold)
    {
    }

    public static function none(): self
    {
        return new self(0.0, 0.0, 1.0);
    }

    public function leastTurnsPerSecond(float $thresholdFactor): float
    {
        $threshold = $this->threshold * $thresholdFactor;

        return $this->lowerLevel < $threshold && $this->upperLevel > $threshold ? self::STANDSTILL_TURNS_PER_SECOND : INF;
    }

    public function tellsStrength(): bool
    {
        return false;
    }
}
