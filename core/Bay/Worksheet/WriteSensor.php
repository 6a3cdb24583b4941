<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\WorksheetEntry;

/** Writes down what kind of sensor sits at a channel, and what each of its wires does. */
final readonly class WriteSensor implements WorksheetEntry
{
    /** @param  list<string>  $wires  in the order of the conductors */
    public function __construct(public string $channel, public string $technology, public array $wires)
    {
    }

    public function name(): string
    {
        return 'write-sensor';
    }

    public function rate(): string
    {
        return 'write';
    }
}
