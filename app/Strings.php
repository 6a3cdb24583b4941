<?php

declare(strict_types=1);

namespace App;

use Illuminate\Support\Facades\App;
use NumberFormatter;

/** Texts by their key, in the language of whoever reads them, numbers written as is usual there. */
final class Strings
{
    /** @var array<string, array<array-key, mixed>> catalogues by their file */
    private static array $catalogues = [];

    /** @param  array<string, string|int|float>  $parameters */
    public static function text(string $key, array $parameters = []): string
    {
        $values = [];
        foreach ($parameters as $name => $value) {
            $values['{{'.$name.'}}'] = is_string($value) ? $value : self::number($value);
        }

        return strtr(self::found($key) ?? $key, $values);
    }

    /**
     * @param  ?int  $decimals  null for as many as it has
     * @param  string  $apart  what stands between thousands
     */
    public static function number(int|float $value, ?int $decimals = null, string $apart = ''): string
    {
        $format = new NumberFormatter(self::found('locale.formats') ?? App::getLocale(), NumberFormatter::DECIMAL);
        $format->setAttribute(NumberFormatter::GROUPING_USED, $apart === '' ? 0 : 1);
        $format->setSymbol(NumberFormatter::GROUPING_SEPARATOR_SYMBOL, $apart);
        $format->setAttribute(NumberFormatter::MIN_FRACTION_DIGITS, $decimals ?? 0);
        $format->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, $decimals ?? 17);

        return (string) $format->format($value);
    }

    private static function found(string $key): ?string
    {
        foreach ([App::getLocale(), Languages::FALLBACK] as $language) {
            $text = (self::$catalogues[lang_path($language)] ??= Languages::catalogue($language))[$key] ?? null;
            if (is_string($text)) {
                return $text;
            }
        }

        return null;
    }
}
