<?php

declare(strict_types=1);

namespace Lernfall;

/** Checks that the constructors of physical values share. Infinity passes where a limit may be absent. */
final readonly class Quantity
{
    /** Less than this is no resistance of its own: a good contact has as much. */
    public const LEAST_OHMS = 0.001;

    /**
     * @param  array<string, float>  $ohms  by name of the quantity
     *
     * @throws InvalidQuantity
     */
    public static function resistances(array $ohms): void
    {
        foreach ($ohms as $quantity => $value) {
            self::atLeast($quantity, $value, self::LEAST_OHMS);
        }
    }

    /**
     * @param  array<string, float|int>  $values  by name of the quantity, its unit included
     *
     * @throws InvalidQuantity
     */
    public static function positive(array $values): void
    {
        foreach ($values as $quantity => $value) {
            if (! ($value > 0)) {
                throw InvalidQuantity::notPositive($quantity, $value);
            }
        }
    }

    /**
     * @param  array<string, float|int>  $values  by name of the quantity, its unit included
     *
     * @throws InvalidQuantity
     */
    public static function notNegative(array $values): void
    {
        foreach ($values as $quantity => $value) {
            if (! ($value >= 0)) {
                throw InvalidQuantity::negative($quantity, $value);
            }
        }
    }

    /** @throws InvalidQuantity */
    public static function within(string $quantity, float|int $value, float|int $least, float|int $greatest): void
    {
        if (! ($value >= $least && $value <= $greatest)) {
            throw InvalidQuantity::outside($quantity, $value, $least, $greatest);
        }
    }

    /** @throws InvalidQuantity */
    public static function atLeast(string $quantity, float|int $value, float|int $least): void
    {
        if (! ($value >= $least)) {
            throw InvalidQuantity::below($quantity, $value, $least);
        }
    }

    /** @throws InvalidQuantity */
    public static function above(string $quantity, float|int $value, float|int $other): void
    {
        if (! ($value > $other)) {
            throw InvalidQuantity::notAbove($quantity, $value, $other);
        }
    }
}
