<?php

declare(strict_types=1);

namespace App\Accounts;

use RuntimeException;

/** After several wrong passwords the next try waits. */
final class TooSoon extends RuntimeException
{
    public function __construct(public readonly int $seconds)
    {
        parent::__construct("next try in $seconds seconds");
    }
}
