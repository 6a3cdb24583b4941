<?php

declare(strict_types=1);

namespace App\Lesson;

use RuntimeException;

/** The instructor has everybody pause. */
final class PausedJob extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('this assignment is paused');
    }
}
