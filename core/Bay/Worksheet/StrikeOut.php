<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Strikes an entry of the card out. It can still be read, and counts from then on for nothing. */
final readonly class StrikeOut implements WorksheetEntry
{
    /** @param  int  $entry  the step at which it was written */
    public function __construct(public int $entry)
    {
    }

    public function name(): string
    {
        return 'strike-out';
    }

    public function rate(): string
    {
        return 'write';
    }
}
