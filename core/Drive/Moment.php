<?php

declare(strict_types=1);

namespace Lernfall\Drive;

/** A moment of a drive. */
final readonly class Moment
{
    public function __construct(public float $seconds, public float $metresPerSecond, public Ground $ground)
    {
    }

    /** Some time later, all else as it was. */
    public function later(float $seconds): self
    {
        return new self($this->seconds + $seconds, $this->metresPerSecond, $this->ground);
    }
}
