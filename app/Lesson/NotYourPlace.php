<?php

declare(strict_types=1);

namespace App\Lesson;

use RuntimeException;

/** Of two who work together, this is the other one's to do. */
final class NotYourPlace extends RuntimeException
{
    /** @param  string  $other  by name */
    public function __construct(public readonly string $other, public readonly bool $isAtCar)
    {
        parent::__construct("$other has that place");
    }
}
