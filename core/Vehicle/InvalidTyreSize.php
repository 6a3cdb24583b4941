<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use InvalidArgumentException;
use Lernfall\LernfallException;

final class InvalidTyreSize extends InvalidArgumentException implements LernfallException
{
    public static function unreadable(string $size): self
    {
        return new self("'$size' is not a tyre size such as 195/55 R15");
    }
}
