<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

/** Whether the body of a valve follows its coil. */
enum Sticking: string
{
    case Free = 'free';
    case Open = 'open';
    case Shut = 'shut';
}
