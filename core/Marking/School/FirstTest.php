<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** Which test comes first. */
enum FirstTest: string
{
    /** Any order. */
    case Free = 'free';

    /** The quickest that tells something. */
    case LeastEffort = 'least-effort';

    /** The one that tells most. */
    case MostTelling = 'most-telling';
}
