<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** When a lamp has gone out. */
enum LampOut: string
{
    /** Codes are read again all the same. */
    case ReadAgain = 'read-again';

    /** A look at the lamp after the drive will do. */
    case Enough = 'enough';
}
