<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** What belongs to mending a poor contact at a sensor plug. */
enum CorrodedPlug: string
{
    /** The plug is cleaned; a new sensor besides is a needless part. */
    case Clean = 'clean';

    /** A new sensor with its half of the plug may go with it: both are one repair. */
    case Renew = 'renew';
}
