<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** Deviations with a single one moved by one standard deviation: what a sensitivity is measured with. */
final readonly class ShiftedDeviations implements Deviations
{
    public function __construct(private Deviations $base, private string $shifted)
    {
    }

    public function standard(string $name): float
    {
        return $this->base->standard($name) + ($name === $this->shifted ? 1.0 : 0.0);
    }

    public function chanceThat(string $name, callable $happens): float
    {
        return $this->base->chanceThat($name, $happens);
    }

    public function chance(string $name, float $probability): float
    {
        return $this->base->chance($name, $probability);
    }
}
