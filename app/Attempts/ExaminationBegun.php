<?php

declare(strict_types=1);

namespace App\Attempts;

use RuntimeException;

/** An examination that somebody has begun is not replaced: it is annulled for all, and repeated. */
final class ExaminationBegun extends RuntimeException
{
    public function __construct(public readonly int $begun)
    {
        parent::__construct('begun');
    }
}
