<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** A car and instruments that are exactly as drawn up; what is left to chance is drawn all the same. */
final readonly class NoDeviations implements Deviations
{
    public function __construct(private Draw $draw)
    {
    }

    public function standard(string $name): float
    {
        return 0.0;
    }

    public function chanceThat(string $name, callable $happens): float
    {
        return $happens(0.0) ? 1.0 : 0.0;
    }

    public function chance(string $name, float $probability): float
    {
        return $this->draw->uniform($name) < $probability ? 1.0 : 0.0;
    }

    public function areTypical(): bool
    {
        return false;
    }

    public function isOpen(): bool
    {
        return false;
    }
}
