<?php

declare(strict_types=1);

namespace App\Attempts;

/** How far the marks of a closed job have come. */
enum MarkingState: string
{
    case Marked = 'marked';

    case Waiting = 'waiting';

    case UnderWay = 'under-way';

    case Failed = 'failed';
}
