<?php

declare(strict_types=1);

namespace Lernfall\Bay\Generator;

enum InjectedShape: string
{
    case Sine = 'sine';
    case Current = 'current';
    case Voltage = 'voltage';
}
