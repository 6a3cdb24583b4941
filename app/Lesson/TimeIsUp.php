<?php

declare(strict_types=1);

namespace App\Lesson;

use RuntimeException;

/** The time of a job is over: nothing is done at the car any more, and after some minutes nothing is written either. */
final class TimeIsUp extends RuntimeException
{
    public function __construct(public readonly bool $forTheCardAsWell)
    {
        parent::__construct('the time of this job is over');
    }
}
