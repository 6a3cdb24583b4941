<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

enum MeterFunction: string
{
    case Ohms = 'ohms';
    case Continuity = 'continuity';
    case VoltsDc = 'volts-dc';
    case VoltsAc = 'volts-ac';
    case Milliamperes = 'milliamperes';
    case Hertz = 'hertz';

    public function unit(): string
    {
        return match ($this) {
            self::Ohms, self::Continuity => 'ohms',
            self::Hertz => 'hertz',
            self::Milliamperes => 'amperes',
            self::VoltsDc, self::VoltsAc => 'volts',
        };
    }

    /** Whether it sends a current of its own through what it measures. */
    public function feedsCurrent(): bool
    {
        return $this === self::Ohms || $this === self::Continuity;
    }

    /** The name of how far this meter's scale is off. */
    public function deviation(): string
    {
        return "meter.$this->value";
    }
}
