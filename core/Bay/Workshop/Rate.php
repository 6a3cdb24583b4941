<?php

declare(strict_types=1);

namespace Lernfall\Bay\Workshop;

/** What an action costs. */
final readonly class Rate
{
    public function __construct(public float $minutes, public float $money)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->minutes + $other->minutes, $this->money + $other->money);
    }
}
