<?php

declare(strict_types=1);

namespace Lernfall;

use DomainException;

/**
 * A physical value that cannot be. It names the quantity as the constructor does, its unit included; the message is a key
 * with parameters.
 */
final class InvalidQuantity extends DomainException implements LernfallException
{
    /** @param  array<string, string|int|float>  $parameters */
    private function __construct(public readonly string $quantity, public readonly string $messageKey, public readonly array $parameters)
    {
        parent::__construct($messageKey.' '.json_encode($parameters, JSON_PARTIAL_OUTPUT_ON_ERROR));
    }

    public static function notPositive(string $quantity, float|int $found): self
    {
        return self::because('above', $quantity, $found, ['limit' => 0]);
    }

    public static function negative(string $quantity, float|int $found): self
    {
        return self::because('not-below', $quantity, $found, ['limit' => 0]);
    }

    public static function below(string $quantity, float|int $found, float|int $least): self
    {
        return self::because('not-below', $quantity, $found, ['limit' => $least]);
    }

    public static function outside(string $quantity, float|int $found, float|int $least, float|int $greatest): self
    {
        return self::because('within', $quantity, $found, ['least' => $least, 'greatest' => $greatest]);
    }

    /** @param  list<float>  $known */
    public static function notKnown(string $quantity, float|int $found, array $known): self
    {
        return self::because('known', $quantity, $found, ['choices' => implode(', ', $known)]);
    }

    public static function notAbove(string $quantity, float|int $found, float|int $other): self
    {
        return self::because('above', $quantity, $found, ['limit' => $other]);
    }

    /** @param  array<string, string|int|float>  $parameters */
    private static function because(string $expected, string $quantity, float|int $found, array $parameters): self
    {
        return new self($quantity, "quantity.$expected", ['quantity' => $quantity, 'found' => $found] + $parameters);
    }
}
