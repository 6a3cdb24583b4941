<?php

declare(strict_types=1);

namespace App\Attempts;

use RuntimeException;

/** A key names one action with one number; it came again with another. */
final class ReusedKey extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('this key belongs to another action');
    }
}
