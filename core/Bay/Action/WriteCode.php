<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Writes a code down, as the apprentice read it. */
final readonly class WriteCode implements CardAction
{
    public function __construct(public string $code, public string $status)
    {
    }

    public function name(): string
    {
        return 'write-code';
    }

    public function rate(): string
    {
        return 'write';
    }
}
