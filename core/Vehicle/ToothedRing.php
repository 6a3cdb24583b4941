<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The ring that turns with the wheel. */
final readonly class ToothedRing
{
    /**
     * @param  int  $teeth  teeth as the ring was made
     * @param  int  $missingTeeth  how many of them are gone
     */
    public function __construct(public int $teeth, public int $missingTeeth = 0)
    {
    }

    public function withMissingTeeth(int $count): self
    {
        return new self($this->teeth, $count);
    }
}
