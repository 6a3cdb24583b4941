<?php

declare(strict_types=1);

namespace Lernfall\Format;

/** JSON with sorted names and no spare spaces: equal documents give equal bytes, in the manner of RFC 8785. */
final readonly class CanonicalJson
{
    /** @param  array<array-key, mixed>  $document */
    public static function of(array $document): string
    {
        return json_encode(self::sorted($document), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function sorted(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value, SORT_STRING);
        }

        return array_map(self::sorted(...), $value);
    }
}
