<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

enum MeterFunction: string
{
    case Ohms = 'ohms';
    case VoltsDc = 'volts-dc';
    case VoltsAc = 'volts-ac';
    case Hertz = 'hertz';

    public function unit(): string
    {
        return match ($this) {
            self::Ohms => 'ohms',
            self::Hertz => 'hertz',
            self::VoltsDc, self::VoltsAc => 'volts',
        };
    }
}
