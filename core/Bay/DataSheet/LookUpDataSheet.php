<?php

declare(strict_types=1);

namespace Lernfall\Bay\DataSheet;

use Lernfall\Bay\Contract\Observing;

/** Reads the maker's sheet: wiring of each corner, pins, colours, nominal values. */
final readonly class LookUpDataSheet implements Observing
{
    public function name(): string
    {
        return 'look-up-data-sheet';
    }

    public function rate(): string
    {
        return 'look-up-data-sheet';
    }

    public function question(): string
    {
        return 'look-up-data-sheet';
    }
}
