<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

enum Ignition: string
{
    case Off = 'off';
    case On = 'on';
    case Running = 'running';
}
