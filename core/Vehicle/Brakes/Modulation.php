<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

/** What is done to the pressure of a wheel. */
enum Modulation: string
{
    case Increase = 'increase';
    case Hold = 'hold';
    case Reduce = 'reduce';

    /** Of a valve with three positions; a valve at rest lets the pedal through. */
    public function position(): int
    {
        return match ($this) {
            self::Increase => 0,
            self::Hold => 1,
            self::Reduce => 2,
        };
    }
}
