<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

/** The ranges of a multimeter and how true they are. */
final readonly class MeterScales
{
    /**
     * @param  array<string, non-empty-list<MeterRange>>  $ranges  by function, smallest first
     * @param  array<string, float>  $accuracy  by function: the stated limit, relative to the reading
     */
    public function __construct(
        public array $ranges,
        public array $accuracy,
    ) {
    }
}
