<?php

declare(strict_types=1);

namespace Lernfall\Document;

/** Replaces single values of a decoded JSON document by JSON pointer (RFC 6901). */
final readonly class Pointer
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     *
     * @throws InvalidDocument where the pointer leads nowhere
     */
    public static function replaced(array $document, string $pointer, Node $value): array
    {
        if (! str_starts_with($pointer, '/')) {
            throw InvalidDocument::because($value->pointer(), 'expected.pointer');
        }
        $keys = array_map(
            static fn (string $part): string => str_replace(['~1', '~0'], ['/', '~'], $part),
            array_slice(explode('/', $pointer), 1),
        );

        return self::within($document, $keys, $pointer, $value);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $keys
     * @return array<array-key, mixed>
     */
    private static function within(array $document, array $keys, string $pointer, Node $value): array
    {
        $key = array_shift($keys) ?? '';
        if (! array_key_exists($key, $document)) {
            throw InvalidDocument::because($value->pointer(), 'document.no-value', ['pointer' => $pointer]);
        }
        $old = $document[$key];
        $document[$key] = match (true) {
            $keys === [] => $value->value(),
            is_array($old) => self::within($old, $keys, $pointer, $value),
            default => throw InvalidDocument::because($value->pointer(), 'document.no-value', ['pointer' => $pointer]),
        };

        return $document;
    }
}
