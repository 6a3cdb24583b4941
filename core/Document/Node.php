<?php

declare(strict_types=1);

namespace Lernfall\Document;

use BackedEnum;
use Closure;
use Lernfall\InvalidQuantity;

/** One place in a decoded JSON document, read with its type and complaining with its path. */
final readonly class Node
{
    private function __construct(private mixed $value, private string $pointer)
    {
    }

    public static function root(mixed $document): self
    {
        return new self($document, '');
    }

    /** A document that stands inside another, at this pointer. */
    public static function within(mixed $document, string $pointer): self
    {
        return new self($document, $pointer);
    }

    public function pointer(): string
    {
        return $this->pointer;
    }

    public function has(string|int $name): bool
    {
        return is_array($this->value) && array_key_exists($name, $this->value);
    }

    public function at(string|int $name): self
    {
        $pointer = $this->pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $name);
        if (! is_array($this->value) || ! array_key_exists($name, $this->value)) {
            throw InvalidDocument::missing($pointer);
        }

        return new self($this->value[$name], $pointer);
    }

    public function float(string|int $name): float
    {
        $node = $this->at($name);

        return is_int($node->value) || is_float($node->value)
            ? (float) $node->value
            : throw InvalidDocument::expected($node->pointer, 'number', $node->value);
    }

    public function int(string|int $name): int
    {
        $node = $this->at($name);

        return is_int($node->value) ? $node->value : throw InvalidDocument::expected($node->pointer, 'whole-number', $node->value);
    }

    public function bool(string|int $name): bool
    {
        $node = $this->at($name);

        return is_bool($node->value) ? $node->value : throw InvalidDocument::expected($node->pointer, 'true-or-false', $node->value);
    }

    public function text(string|int $name): string
    {
        $node = $this->at($name);

        return is_string($node->value) ? $node->value : throw InvalidDocument::expected($node->pointer, 'text', $node->value);
    }

    /** @return array<array-key, self> the entries of an object or list */
    public function entries(string|int $name): array
    {
        $node = $this->at($name);
        if (! is_array($node->value)) {
            throw InvalidDocument::expected($node->pointer, 'list-or-object', $node->value);
        }
        $entries = [];
        foreach (array_keys($node->value) as $key) {
            $entries[$key] = $node->at($key);
        }

        return $entries;
    }

    /** @return array<array-key, self> the entries of the object or list here */
    public function items(): array
    {
        if (! is_array($this->value)) {
            throw InvalidDocument::expected($this->pointer, 'list-or-object', $this->value);
        }

        return array_combine(array_keys($this->value), array_map($this->at(...), array_keys($this->value)));
    }

    /** @return list<string> */
    public function texts(string|int $name): array
    {
        $list = $this->at($name);

        return array_map(static fn ($key): string => $list->text($key), array_keys(array_values($this->entries($name))));
    }

    /** @return array<array-key, string> */
    public function textsByName(): array
    {
        $texts = [];
        foreach (is_array($this->value) ? array_keys($this->value) : throw $this->wrong('object') as $key) {
            $texts[$key] = $this->text($key);
        }

        return $texts;
    }

    /** @return list<int> */
    public function ints(string|int $name): array
    {
        $list = $this->at($name);
        $numbers = is_array($list->value) ? array_values($list->value) : throw $list->wrong('whole-numbers');

        return array_filter($numbers, is_int(...)) === $numbers ? $numbers : throw $list->wrong('whole-numbers');
    }

    public function isNull(string|int $name): bool
    {
        return $this->at($name)->value === null;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $name, string $enum): BackedEnum
    {
        return $enum::tryFrom($this->text($name)) ?? throw $this->at($name)->noneOf(
            array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()),
        );
    }

    /** @param  list<string>  $words */
    public function word(string $name, array $words): string
    {
        $text = $this->text($name);

        return in_array($text, $words, true) ? $text : throw $this->at($name)->noneOf(array_filter($words, static fn (string $word): bool => $word !== ''));
    }

    /**
     * A value built from what stands here: what it refuses is said of the entry it came from.
     *
     * @template T
     *
     * @param  Closure(self): T  $build
     * @return T
     */
    public function built(Closure $build): mixed
    {
        try {
            return $build($this);
        } catch (InvalidQuantity $invalid) {
            throw InvalidDocument::because($this->pointerOf($invalid->quantity), $invalid->messageKey, $invalid->parameters);
        }
    }

    /** Entries may be in other units than the quantities made of them: "gapMillimetres" is where "gapMetres" came from. */
    private function pointerOf(string $quantity): string
    {
        $stem = static fn (string $name): string => (string) preg_replace('~(Milli|Micro|Kilo)?(volts|ohms|amperes|metres|seconds|minutes)(PerHour|PerSecond|PerKelvin)?$~i', '', $name);
        foreach (is_array($this->value) ? array_keys($this->value) : [] as $name) {
            if ($name === $quantity || $stem((string) $name) === $stem($quantity)) {
                return "$this->pointer/$name";
            }
        }

        return $this->pointer;
    }

    public function value(): mixed
    {
        return $this->value;
    }

    /**
     * What is wrong with the value here, as an error.
     *
     * @param  string  $expected  a key under "expected."
     * @param  array<string, string|int|float>  $parameters
     */
    public function wrong(string $expected, array $parameters = []): InvalidDocument
    {
        return InvalidDocument::expected($this->pointer, $expected, $this->value, $parameters);
    }

    /** @param  array<array-key, string|int|float>  $choices  of which the value here is none */
    public function noneOf(array $choices): InvalidDocument
    {
        return $this->wrong('one-of', ['choices' => implode(', ', $choices)]);
    }
}
