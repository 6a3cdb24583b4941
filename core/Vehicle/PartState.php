<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How a part of the brake system other than a wheel's circuit is. */
enum PartState: string
{
    case Sound = 'sound';
    /** A winding, a contact or a filament that is interrupted. */
    case Open = 'open';
    /** A contact that never opens, a lamp that never goes out. */
    case Closed = 'closed';
    case Low = 'low';
}
