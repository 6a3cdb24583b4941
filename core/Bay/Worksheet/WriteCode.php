<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Writes a code down, as the apprentice read it. */
final readonly class WriteCode implements WorksheetEntry
{
    /** @param  ?CodeChange  $change  against the list before something was moved, joined or tried; null where that is not said */
    public function __construct(public string $code, public string $status, public ?CodeChange $change = null)
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
