<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\LernfallException;
use OutOfBoundsException;

/** Something was asked for that this vehicle does not have. */
final class UnknownPart extends OutOfBoundsException implements LernfallException
{
    public static function channel(string $id): self
    {
        return new self("this vehicle has no channel '$id'");
    }

    public static function plug(string $id): self
    {
        return new self("this vehicle has no plug '$id'");
    }

    public static function cable(string $id): self
    {
        return new self("this vehicle has no cable '$id'");
    }

    public static function unit(): self
    {
        return new self('this vehicle has no hydraulic unit');
    }

    public static function pad(string $id): self
    {
        return new self("this vehicle has no pad '$id'");
    }
}
