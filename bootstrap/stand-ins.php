<?php

/*
 * Stand-ins for two small packages that composer.json lists under "replace".
 *
 * The package registry used for this project does not carry symfony/clock and
 * symfony/polyfill-php85. The framework asks for five names out of them, and
 * these are those five; fruitcake/php-cors and league/config are not needed at
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

    if (! function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(null);
            restore_error_handler();

            return $handler;
        }
    }

    if (! function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(null);
            restore_exception_handler();

            return $handler;
        }
    }
}
