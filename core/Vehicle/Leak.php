<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A path from a wire to where none should be. A wire without a leak has no such object. */
final readonly class Leak
{
    private function __construct(public float $ohms, public bool $toSupply)
    {
    }

    public static function toBody(float $ohms): self
    {
        return new self($ohms, false);
    }

    /** To a wire that always carries the battery's voltage. */
    public static function toSupply(float $ohms): self
    {
        return new self($ohms, true);
    }
}
