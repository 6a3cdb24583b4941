<?php

/*
 * Stand-ins for two small packages that composer.json lists under "replace".
 *
 * The package registry used for this project does not carry symfony/clock and
 * symfony/polyfill-php85. The framework asks for three names out of them, and
 * these are those three; fruitcake/php-cors and league/config are not needed at
 * all, because the site is same-origin and renders no Markdown. When the
 * packages become available, drop the "replace" entries and this file.
 */

namespace Symfony\Component\Clock {
    if (! interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }
    }
}

namespace {
    if (! function_exists('array_first')) {
        /** @param  array<array-key, mixed>  $array */
        function array_first(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_first($array)];
        }
    }

    if (! function_exists('array_last')) {
        /** @param  array<array-key, mixed>  $array */
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }
}
