<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use Lernfall\Document\InvalidDocument;
use Lernfall\InvalidQuantity;
use PHPUnit\Framework\Assert;

/** What an error says in the English catalogue, for tests that hold what people read. */
final readonly class Sentences
{
    /** @param  Closure(): mixed  $read */
    public static function ofRefused(Closure $read): string
    {
        try {
            $read();
        } catch (InvalidDocument $invalid) {
            return "$invalid->pointer: ".self::english($invalid->messageKey, $invalid->parameters);
        } catch (InvalidQuantity $invalid) {
            return self::english($invalid->messageKey, $invalid->parameters);
        }
        Assert::fail('nothing was found wrong');
    }

    /** @param  array<string, string|int|float>  $parameters */
    private static function english(string $key, array $parameters): string
    {
        $text = Workbench::json('resources/lang/en.json')[$key] ?? Assert::fail("no text for $key");
        Assert::assertIsString($text);
        foreach ($parameters as $name => $value) {
            $text = str_replace('{{'.$name.'}}', (string) $value, $text);
        }

        return $text;
    }
}
