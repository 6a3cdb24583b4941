<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** Two repairs without a look at the codes between them. */
enum TwoRepairs: string
{
    /** The repair counts, the cause only where the card carried each of them. */
    case CauseOpen = 'cause-open';

    /** Half of the repair. */
    case Forbidden = 'forbidden';
}
