<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** One wire of a cable. A break or leak sits in the middle of its length. */
final readonly class Wire
{
    /**
     * @param  list<Leak>  $leaks
     * @param  float  $addedOhms  where strands are broken
     */
    public function __construct(
        public float $lengthMetres,
        public float $ohmsPerMetre,
        public bool $broken = false,
        public array $leaks = [],
        public float $addedOhms = 0.0,
    ) {
        Quantity::positive(['lengthMetres' => $this->lengthMetres, 'ohmsPerMetre' => $this->ohmsPerMetre]);
        Quantity::atLeast('lengthMetres', $this->lengthMetres, Quantity::LEAST_OHMS / $this->ohmsPerMetre);
        Quantity::notNegative(['addedOhms' => $this->addedOhms]);
    }

    public function ohms(): float
    {
        return $this->lengthMetres * $this->ohmsPerMetre + $this->addedOhms;
    }

    public function snapped(): self
    {
        return new self($this->lengthMetres, $this->ohmsPerMetre, true, $this->leaks, $this->addedOhms);
    }

    public function leaking(Leak $leak): self
    {
        return new self($this->lengthMetres, $this->ohmsPerMetre, $this->broken, [...$this->leaks, $leak], $this->addedOhms);
    }

    /** Nothing it leaked to is touched any more. */
    public function covered(): self
    {
        return new self($this->lengthMetres, $this->ohmsPerMetre, $this->broken, [], $this->addedOhms);
    }

    /** Most strands of it are broken. */
    public function thinned(float $addedOhms): self
    {
        return new self($this->lengthMetres, $this->ohmsPerMetre, $this->broken, $this->leaks, $this->addedOhms + $addedOhms);
    }
}
