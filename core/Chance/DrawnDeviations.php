<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** The deviations of one true car, fixed by its seed. */
final readonly class DrawnDeviations implements Deviations
{
    private Draw $draw;

    public function __construct(string $seed)
    {
        $this->draw = new Draw($seed);
    }

    public function standard(string $name): float
    {
        return max(-self::FURTHEST, min(self::FURTHEST, $this->draw->normal($name)));
    }

    public function chanceThat(string $name, callable $happens): float
    {
        return $happens($this->standard($name)) ? 1.0 : 0.0;
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
