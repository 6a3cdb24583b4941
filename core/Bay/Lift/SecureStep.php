<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lift;

enum SecureStep: string
{
    case Chock = 'chock';
    case Unchock = 'unchock';
    case Raise = 'raise';
    case Stand = 'stand';
    case Lower = 'lower';
}
