<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How the module's own pins for a channel are. */
enum Port: string
{
    case Sound = 'sound';
    /** The signal arrives and is not heard. */
    case Deaf = 'deaf';
    /** The supply output gives nothing. */
    case Unfed = 'unfed';
    /** The test level comes, and the switch for the supply never closes. */
    case Unswitched = 'unswitched';
}
