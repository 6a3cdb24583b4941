<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One wire of a cable. A break or leak sits in the middle of its length. */
final readonly class Wire
{
    /** @param  list<Leak>  $leaks */
    public function __construct(
        public float $lengthMetres,
        public float $ohmsPerMetre,
        public bool $broken = false,
        public array $leaks = [],
    ) {
    }

    public function ohms(): float
    {
        return $this->lengthMetres * $this->ohmsPerMetre;
    }

    public function snapped(): self
    {
        return new self($this->lengthMetres, $this->ohmsPerMetre, true, $this->leaks);
    }

    public function leaking(Leak $leak): self
    {
        return new self($this->lengthMetres, $this->ohmsPerMetre, $this->broken, [...$this->leaks, $leak]);
    }
}
