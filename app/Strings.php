<?php

declare(strict_types=1);

namespace App;

use App\Documents\CompiledJson;

/** The one catalogue of strings, resources/lang/en.json, which the browser reads too. */
final class Strings
{
    /** @var array<array-key, mixed>|null */
    private static ?array $catalogue = null;

    /** @param  array<string, string|int|float>  $parameters */
    public static function text(string $key, array $parameters = []): string
    {
        self::$catalogue ??= CompiledJson::read(resource_path('lang/en.json'));
        $text = self::$catalogue[$key] ?? $key;
        $values = [];
        foreach ($parameters as $name => $value) {
            $values['{{'.$name.'}}'] = (string) $value;
        }

        return strtr(is_string($text) ? $text : $key, $values);
    }
}
