<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use RuntimeException;

/** Somebody else, most likely a second tab, has acted in the meantime. */
final class StaleNumber extends RuntimeException
{
    private function __construct(public readonly Attempt $attempt)
    {
        parent::__construct('this attempt has moved on');
    }

    public static function of(Attempt $attempt): self
    {
        return new self($attempt);
    }
}
