<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Closes the job: the car goes back to its owner, or on to somebody who may repair what is named. */
final readonly class Conclude implements WorksheetEntry
{
    /** @param  ?HandOver  $handOver  null where the car goes back to its owner */
    public function __construct(public ?HandOver $handOver = null)
    {
    }

    public function name(): string
    {
        return 'conclude';
    }

    public function rate(): string
    {
        return 'write';
    }
}
