<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Contract\CarAction;

/** Clears the codes of a system, as its menu on the scan tool names it. */
final readonly class ClearCodes implements CarAction
{
    public function __construct(public string $system = ReadCodes::BRAKES)
    {
    }

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
