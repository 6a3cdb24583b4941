<?php

declare(strict_types=1);

namespace Lernfall\Sensor;

use InvalidArgumentException;
use Lernfall\LernfallException;

final class UnknownTechnology extends InvalidArgumentException implements LernfallException
{
    public static function named(string $technology): self
    {
        return new self("no sensors of the technology '$technology' are known");
    }
}
