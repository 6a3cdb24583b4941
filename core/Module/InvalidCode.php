<?php

declare(strict_types=1);

namespace Lernfall\Module;

use InvalidArgumentException;
use Lernfall\LernfallException;

final class InvalidCode extends InvalidArgumentException implements LernfallException
{
    public static function unreadable(string $text): self
    {
        return new self("'$text' is not a code such as C0035");
    }
}
