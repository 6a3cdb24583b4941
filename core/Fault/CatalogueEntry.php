<?php

declare(strict_types=1);

namespace Lernfall\Fault;

/** A kind of fault with what an editor may tune: how common it is and which strengths stand for it. */
final readonly class CatalogueEntry
{
    /**
     * @param  float  $prior  how common, relative to the others
     * @param  non-empty-list<float>  $strengths  concrete strengths from mild to strong, in the unit of the kind
     */
    public function __construct(
        public FaultKind $kind,
        public float $prior,
        public float $least,
        public float $greatest,
        public array $strengths,
    ) {
    }

    /** The middle one, which a case has that names none. */
    public function usualStrength(): float
    {
        return $this->strengths[intdiv(count($this->strengths), 2)];
    }
}
