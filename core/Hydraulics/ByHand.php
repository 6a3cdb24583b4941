<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

/** How a wheel turns that is tried by hand. */
enum ByHand: string
{
    case Free = 'free';
    case Dragging = 'dragging';
    case Held = 'held';
}
