<?php

declare(strict_types=1);

namespace Lernfall\Drive;

/** What a stretch of road does to the car besides its speed. */
enum Ground: string
{
    case Straight = 'straight';
    case LeftBend = 'left-bend';
    case RightBend = 'right-bend';
    case Bumps = 'bumps';
}
