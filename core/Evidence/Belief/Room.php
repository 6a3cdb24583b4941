<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** How far a number may lie from the one a concrete strength shows, since strengths between it and the next may show others. */
final readonly class Room
{
    /**
     * @param  float  $below  standard deviation of its natural logarithm, towards smaller numbers
     * @param  float  $above  and towards greater ones
     * @param  float  $steadyShare  of the strengths near this one that show just the same number
     */
    private function __construct(public float $below, public float $above, public float $steadyShare)
    {
    }

    /**
     * As far as what the next strengths show. Beyond the last one known it is some steps as wide as the one before it; where no other is known, as wide as any.
     *
     * @param  array{?float, ?float}  $next  how far from this number those of the next strengths lie below and above, as differences of natural logarithms; null where none is known
     * @param  float  $own  by which instrument and parts make this number scatter, as a standard deviation of its natural logarithm
     */
    public static function between(array $next, float $own, Scatter $scatter): self
    {
        $known = array_filter($next, is_float(...));
        if ($known === []) {
            return new self($scatter->betweenSpread, $scatter->betweenSpread, 0.0);
        }
        $beyond = $scatter->beyondSteps * max($known);
        [$below, $above] = array_map(static fn (?float $one): float => hypot($own, min($scatter->betweenSpread, $one ?? $beyond)), $next);

        return new self($below, $above, $scatter->steadyShare * max(0.0, 1.0 - max($known) / $scatter->steadySpread));
    }

    /** Standard deviation on the wider side. */
    public function widest(): float
    {
        return max($this->below, $this->above);
    }

    /** Density over the number's logarithm, of two halves of normal densities that meet at this strength's number. */
    public function density(float $away): float
    {
        $here = $away < 0.0 ? $this->below : $this->above;

        return exp(-0.5 * ($away / $here) ** 2) * 2.0 / (($this->below + $this->above) * sqrt(2.0 * M_PI));
    }
}
