<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** Deviations with a single one moved: what a sensitivity is measured with, and a car that is off in one known way. */
final readonly class ShiftedDeviations implements Deviations
{
    public function __construct(private Deviations $base, private string $shifted, private float $by = 1.0)
    {
    }

    public function standard(string $name): float
    {
        return $this->base->standard($name) + ($name === $this->shifted ? $this->by : 0.0);
    }

    public function chanceThat(string $name, callable $happens): float
    {
        return $this->base->chanceThat($name, $happens);
    }

    public function chance(string $name, float $probability): float
    {
        return $this->base->chance($name, $probability);
    }

    public function areTypical(): bool
    {
        return $this->base->areTypical() && str_ends_with($this->shifted, Deviations::READINESS);
    }

    public function isOpen(): bool
    {
        return $this->base->isOpen();
    }
}
