<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

/** Where both hands take a raised wheel to rock it: bearings give way in either direction, joints in one. */
enum Grip: string
{
    case TopAndBottom = 'top-and-bottom';
    case FrontAndRear = 'front-and-rear';
}
