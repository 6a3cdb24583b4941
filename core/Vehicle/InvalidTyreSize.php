<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use InvalidArgumentException;

final class InvalidTyreSize extends InvalidArgumentException
{
    public static function unreadable(string $size): self
    {
        return new self("'$size' is not a tyre size such as 195/55 R15");
    }
}
