<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Closes the job. */
final readonly class Conclude implements CardAction
{
    public function name(): string
    {
        return 'conclude';
    }

    public function rate(): string
    {
        return 'write';
    }
}
