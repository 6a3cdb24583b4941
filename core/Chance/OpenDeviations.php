<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** The deviations of a hypothesis car: none is drawn, each stays a distribution. */
final readonly class OpenDeviations implements Deviations
{
    /** Midpoints of ten equally likely slices of the standard normal distribution. */
    private const SLICES = [-1.645, -1.036, -0.674, -0.385, -0.126, 0.126, 0.385, 0.674, 1.036, 1.645];

    public function standard(string $name): float
    {
        return 0.0;
    }

    public function chanceThat(string $name, callable $happens): float
    {
        $first = $happens(self::SLICES[0]);
        if ($first === $happens(self::SLICES[count(self::SLICES) - 1]) && $first === $happens(self::SLICES[intdiv(count(self::SLICES), 2)])) {
            return $first ? 1.0 : 0.0; // limits are passed once
        }

        return count(array_filter(self::SLICES, $happens)) / count(self::SLICES);
    }

    public function chance(string $name, float $probability): float
    {
        return $probability;
    }

    public function areTypical(): bool
    {
        return true;
    }

    public function isOpen(): bool
    {
        return true;
    }
}
