<?php

declare(strict_types=1);

namespace Lernfall\Document;

use Lernfall\LernfallException;
use RuntimeException;

/** A file that cannot be read; the pointer (RFC 6901) says where in it. */
final class InvalidDocument extends RuntimeException implements LernfallException
{
    private function __construct(public readonly string $pointer, public readonly string $detail)
    {
        parent::__construct(($pointer === '' ? 'the document' : $pointer).': '.$detail);
    }

    public static function expected(string $pointer, string $what, mixed $found): self
    {
        return new self($pointer, "expected $what, found ".(is_scalar($found) ? var_export($found, true) : get_debug_type($found)));
    }

    public static function missing(string $pointer, string $what): self
    {
        return new self($pointer, "expected $what, found nothing");
    }

    public static function because(string $pointer, string $message): self
    {
        return new self($pointer, $message);
    }
}
