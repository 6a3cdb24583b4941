<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Whether a setting of an action lies where it can. */
final readonly class SettingRange
{
    /** @param  list<string>  $known */
    public static function known(string $field, string $value, array $known): void
    {
        if (! in_array($value, $known, true)) {
            throw UnfitAction::unknown($field, $value);
        }
    }

    /** @param  array{float, float}  $range */
    public static function between(string $field, float $value, array $range): void
    {
        if (! is_finite($value) || $value < $range[0] || $value > $range[1]) {
            throw UnfitAction::outOfRange($field, ...$range);
        }
    }

    /** Whether the car has what the action is done to. */
    public static function onThisCar(bool $has): void
    {
        if (! $has) {
            throw UnfitAction::notOnThisCar();
        }
    }

    /** @param  float  $perUnit  how many of the field's unit make one of the value's */
    public static function within(string $field, float $value, float $greatest, float $perUnit): void
    {
        if (! is_finite($value) || $value < 0.0 || $value > $greatest) {
            throw UnfitAction::outOfRange($field, 0.0, $greatest * $perUnit);
        }
    }
}
