<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** What earlier work has left in a car: the warmth of its hubs, and the fluid in the accumulators of its hydraulic unit. */
final readonly class Lasting
{
    /** @param  array<string, float>  $accumulatedCubicCentimetres  by brake circuit; none where all are empty */
    public function __construct(public Warmth $warmth, public array $accumulatedCubicCentimetres = [])
    {
    }

    public function withWarmth(Warmth $warmth): self
    {
        return new self($warmth, $this->accumulatedCubicCentimetres);
    }

    /** @param  array<string, float>  $cubicCentimetres */
    public function withAccumulated(array $cubicCentimetres): self
    {
        return new self($this->warmth, array_filter($cubicCentimetres, static fn (float $one): bool => $one > 0.0));
    }
}
