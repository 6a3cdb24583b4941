<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Reads the codes of the brake module. */
final readonly class ReadCodes implements Observing
{
    public function name(): string
    {
        return 'read-codes';
    }

    public function rate(): string
    {
        return 'read-codes';
    }

    public function question(): string
    {
        return 'read-codes';
    }
}
