<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** A path from a wire to where none should be. A wire without a leak has no such object. */
final readonly class Leak
{
    private function __construct(public float $ohms, public bool $toSupply)
    {
        Quantity::positive(['ohms' => $this->ohms]);
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
