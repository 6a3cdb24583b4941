<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Clears the codes of the brake module. */
final readonly class ClearCodes implements CarAction
{
    public function name(): string
    {
        return 'clear-codes';
    }

    public function rate(): string
    {
        return 'clear-codes';
    }

    public function question(): string
    {
        return 'clear-codes';
    }
}
