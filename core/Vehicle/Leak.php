<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A path from a wire to the body where none should be. A wire without a leak has no such object. */
final readonly class Leak
{
    public function __construct(public float $ohmsToGround)
    {
    }
}
