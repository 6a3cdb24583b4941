<?php

declare(strict_types=1);

namespace App;

use App\Documents\CompiledJson;

/** The languages there are words in: one for each catalogue in resources/lang, which the browser reads too. */
final readonly class Languages
{
    public const FALLBACK = 'en';

    /** @return list<string> the fallback first */
    public static function available(): array
    {
        $names = array_map(static fn (string $file): string => basename($file, '.json'), glob(lang_path('*.json')) ?: []);

        return array_values(array_unique([self::FALLBACK, ...$names]));
    }

    /** @return array<array-key, mixed> texts by key; none where the language is not known */
    public static function catalogue(string $language): array
    {
        return in_array($language, self::available(), true) ? CompiledJson::read(lang_path("$language.json")) : [];
    }
}
