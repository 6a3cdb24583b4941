<?php

declare(strict_types=1);

namespace Lernfall\Marking\School;

/** What an ohmmeter on an active sensor is worth. */
enum OhmsOnActive: string
{
    /** Little, as its spread says. */
    case Weak = 'weak';

    /** Nothing: it is no test. */
    case Invalid = 'invalid';
}
