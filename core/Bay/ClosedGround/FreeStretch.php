<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

/** A part of a free drive as it is planned. */
final readonly class FreeStretch
{
    /** @param  float  $seconds  or until the car stands */
    public function __construct(public FreeFoot $foot, public FreeSteering $steering, public float $seconds)
    {
    }

    public function text(): string
    {
        return "{$this->foot->value}/{$this->steering->value}/$this->seconds";
    }
}
