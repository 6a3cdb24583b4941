<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** Battery and generator, and what leads from them to the module. */
final readonly class Power
{
    public function __construct(
        public Supply $supply,
        public PowerFeed $feed,
    ) {
    }

    public function withSupply(Supply $supply): self
    {
        return new self($supply, $this->feed);
    }

    public function withFeed(PowerFeed $feed): self
    {
        return new self($this->supply, $feed);
    }
}
