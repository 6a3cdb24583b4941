<?php

declare(strict_types=1);

namespace Lernfall\Module;

enum CodeStatus: string
{
    case Present = 'present';
    /** Seen once, and not yet often enough to be kept. */
    case Pending = 'pending';
    case History = 'history';
}
