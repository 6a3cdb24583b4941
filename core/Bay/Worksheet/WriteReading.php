<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Writes down what an instrument or the eye showed at an earlier step, in the apprentice's own words. */
final readonly class WriteReading implements WorksheetEntry
{
    /**
     * @param  int  $of  the step that showed it
     * @param  string  $feature  which of the things it showed, for example "reading" or "FL.speed"
     * @param  ?float  $value  the number in the unit given, or null where a word was written
     * @param  string  $unit  as written, for example "kΩ"; "" beside a word
     * @param  string  $word  "open" for an overload, or what was seen; "" beside a number
     * @param  string  $comparedWith  what the judgement rests on
     * @param  list<string>  $further  words beside the first for what was seen
     */
    public function __construct(
        public int $of,
        public string $feature,
        public ?float $value,
        public string $unit,
        public string $word,
        public Judgement $judgement,
        public string $comparedWith,
        public array $further = [],
    ) {
    }

    public function name(): string
    {
        return 'write-reading';
    }

    public function rate(): string
    {
        return 'write';
    }
}
