<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Quantity;

/** Pulling away with the throttle open: on what, and for how long. */
final readonly class StartTask
{
    /** How long the car is watched as it rolls on with the foot off again. */
    private const ROLLS_SECONDS = 0.4;

    /** @param  float  $openSeconds  until the foot is off it again */
    public function __construct(public Track $track, public float $openSeconds)
    {
        Quantity::positive(['openSeconds' => $openSeconds]);
    }

    public function isOpen(float $afterSeconds): bool
    {
        return $afterSeconds < $this->openSeconds;
    }

    public function seconds(): float
    {
        return $this->openSeconds + self::ROLLS_SECONDS;
    }

    public function text(): string
    {
        return "{$this->track->text()} $this->openSeconds";
    }
}
