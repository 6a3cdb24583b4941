<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** What a judgement of a reading rests on. */
enum Comparing: string
{
    /** Only whether it is right counts. */
    case Free = 'free';

    /** It says what it was compared with: a sheet, or the other side; across the axles is a rough orientation. */
    case Stated = 'stated';
}
