<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Marks a station of the path on the card. */
final readonly class MarkStation implements WorksheetEntry
{
    public function __construct(public string $channel, public string $station, public StationMark $mark)
    {
    }

    public function name(): string
    {
        return 'mark-station';
    }

    public function rate(): string
    {
        return 'write';
    }
}
