<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The two sides of an open plug. */
enum PadSide: string
{
    case Wheel = 'wheel';
    case Module = 'module';
}
