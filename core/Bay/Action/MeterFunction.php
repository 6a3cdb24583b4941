<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

enum MeterFunction: string
{
    case Ohms = 'ohms';
    case VoltsDc = 'volts-dc';
    case VoltsAc = 'volts-ac';

    public function unit(): string
    {
        return $this === self::Ohms ? 'ohms' : 'volts';
    }
}
