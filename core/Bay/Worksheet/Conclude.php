<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Closes the job. */
final readonly class Conclude implements WorksheetEntry
{
    public function name(): string
    {
        return 'conclude';
    }

    public function rate(): string
    {
        return 'write';
    }
}
