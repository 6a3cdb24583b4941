<?php

declare(strict_types=1);

namespace Lernfall;

use DomainException;

/** A physical value that cannot be. It names the quantity as the constructor does, its unit included. */
final class InvalidQuantity extends DomainException implements LernfallException
{
    private function __construct(public readonly string $quantity, public readonly string $expected, public readonly float|int $found)
    {
        parent::__construct("expected $expected for $quantity, found ".(is_nan((float) $found) ? 'no number' : (string) $found));
    }

    public static function notPositive(string $quantity, float|int $found): self
    {
        return new self($quantity, 'a number above 0', $found);
    }

    public static function negative(string $quantity, float|int $found): self
    {
        return new self($quantity, 'a number not below 0', $found);
    }

    public static function below(string $quantity, float|int $found, float|int $least): self
    {
        return new self($quantity, "a number not below $least", $found);
    }

    public static function outside(string $quantity, float|int $found, float|int $least, float|int $greatest): self
    {
        return new self($quantity, "a number from $least to $greatest", $found);
    }

    /** @param  list<float>  $known */
    public static function notKnown(string $quantity, float|int $found, array $known): self
    {
        return new self($quantity, 'one of '.implode(', ', $known), $found);
    }

    public static function notAbove(string $quantity, float|int $found, float|int $other): self
    {
        return new self($quantity, "a number above $other", $found);
    }
}
