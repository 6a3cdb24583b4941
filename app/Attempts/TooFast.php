<?php

declare(strict_types=1);

namespace App\Attempts;

use RuntimeException;

/** More actions than anybody does in a minute. */
final class TooFast extends RuntimeException
{
    public function __construct(public readonly int $seconds)
    {
        parent::__construct("again in $seconds s");
    }
}
