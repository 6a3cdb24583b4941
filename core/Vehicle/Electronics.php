<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How the electronics of an active sensor are. */
enum Electronics: string
{
    case Sound = 'sound';
    case Dead = 'dead';
    case Shorted = 'shorted';
    case StuckLow = 'stuck-low';
    case StuckHigh = 'stuck-high';
}
