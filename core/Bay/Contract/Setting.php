<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use BackedEnum;

/** One setting of an action as JSON Schema. */
final readonly class Setting
{
    /**
     * @param  array<string, mixed>  $limits
     * @return array<string, mixed>
     */
    public static function text(string $description = '', array $limits = []): array
    {
        return self::described(['type' => 'string', ...$limits], $description);
    }

    /**
     * @param  array<string, mixed>  $limits
     * @return array<string, mixed>
     */
    public static function number(string $description = '', array $limits = []): array
    {
        return self::described(['type' => 'number', ...$limits], $description);
    }

    /**
     * @param  array{float, float}  $range
     * @return array<string, mixed>
     */
    public static function within(array $range, string $description = ''): array
    {
        return self::number($description, ['minimum' => self::plain($range[0]), 'maximum' => self::plain($range[1])]);
    }

    /**
     * @param  array<string, mixed>  $limits
     * @return array<string, mixed>
     */
    public static function integer(string $description = '', array $limits = []): array
    {
        return self::described(['type' => 'integer', ...$limits], $description);
    }

    /** @return array<string, mixed> */
    public static function bool(string $description = ''): array
    {
        return self::described(['type' => 'boolean'], $description);
    }

    /**
     * @param  class-string<BackedEnum>  $enum
     * @return array<string, mixed>
     */
    public static function choice(string $enum, string $description = ''): array
    {
        return self::words(array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases()), $description);
    }

    /**
     * @param  list<string>  $words
     * @return array<string, mixed>
     */
    public static function words(array $words, string $description = ''): array
    {
        return self::described(['enum' => $words], $description);
    }

    /**
     * @param  array<string, mixed>  $items
     * @param  array<string, int>  $limits
     * @return array<string, mixed>
     */
    public static function list(array $items, array $limits = [], string $description = ''): array
    {
        return self::described(['type' => 'array', ...$limits, 'items' => $items], $description);
    }

    /**
     * @param  array<string, array<string, mixed>>  $properties  all of them needed
     * @return array<string, mixed>
     */
    public static function group(array $properties): array
    {
        return ['type' => 'object', 'properties' => $properties, 'required' => array_keys($properties), 'additionalProperties' => false];
    }

    /** @return array<string, mixed> */
    public static function channel(): array
    {
        return self::text('Permanent id of a channel, for example FR');
    }

    /**
     * @param  array<string, mixed>  $setting
     * @return array<string, mixed>
     */
    private static function described(array $setting, string $description): array
    {
        return $description === '' ? $setting : [...$setting, 'description' => $description];
    }

    private static function plain(float $number): int|float
    {
        return $number === floor($number) ? (int) $number : $number;
    }
}
