<?php

declare(strict_types=1);

namespace Lernfall\Document;

use Lernfall\LernfallException;
use RuntimeException;

/** A file that cannot be read; the pointer (RFC 6901) says where in it, the message is a key with parameters. */
final class InvalidDocument extends RuntimeException implements LernfallException
{
    /** @param  array<string, string|int|float>  $parameters */
    private function __construct(public readonly string $pointer, public readonly string $messageKey, public readonly array $parameters)
    {
        parent::__construct("$pointer: $messageKey ".json_encode($parameters, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR));
    }

    /**
     * @param  string  $what  what was expected, a key under "expected."
     * @param  array<string, string|int|float>  $parameters  of that key
     */
    public static function expected(string $pointer, string $what, mixed $found, array $parameters = []): self
    {
        return new self($pointer, "expected.$what", $parameters + ['found' => is_scalar($found) ? var_export($found, true) : get_debug_type($found)]);
    }

    public static function missing(string $pointer): self
    {
        return new self($pointer, 'expected.entry', []);
    }

    /** @param  array<string, string|int|float>  $parameters */
    public static function because(string $pointer, string $messageKey, array $parameters = []): self
    {
        return new self($pointer, $messageKey, $parameters);
    }
}
