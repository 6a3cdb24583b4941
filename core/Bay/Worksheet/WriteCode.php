<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Writes a code down, as the apprentice read it. */
final readonly class WriteCode implements WorksheetEntry
{
    public function __construct(public string $code, public string $status)
    {
    }

    public function name(): string
    {
        return 'write-code';
    }

    public function rate(): string
    {
        return 'write';
    }
}
