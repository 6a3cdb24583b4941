<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Names the cause before a repair: place and defect, the written readings that support it, and what should change. */
final readonly class NameCause implements WorksheetEntry
{
    /** @param  list<int>  $supports steps at which the supporting readings were written down */
    public function __construct(
        public string $channel,
        public string $station,
        public string $defect,
        public array $supports,
        public string $expects,
    ) {
    }

    public function name(): string
    {
        return 'name-cause';
    }

    public function rate(): string
    {
        return 'write';
    }
}
