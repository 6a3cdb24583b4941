<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Contract\CarAction;

/** Opens or closes the check connector of a car that blinks its codes. */
final readonly class OpenCheckConnector implements CarAction
{
    public function __construct(public bool $open)
    {
    }

    public function name(): string
    {
        return 'check-connector';
    }

    public function rate(): string
    {
        return 'check-connector';
    }

    public function question(): string
    {
        return 'check-connector';
    }
}
