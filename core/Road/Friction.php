<?php

declare(strict_types=1);

namespace Lernfall\Road;

/**
 * Friction between tyre and road over slip λ: μ(λ) = c₁·(1 − e^(−c₂·λ)) − c₃·λ.
 *
 * The formula is Burckhardt's (Fahrwerktechnik: Radschlupf-Regelsysteme, 1993), as Kiencke and Nielsen tabulate it in Automotive Control Systems; the coefficients
 * come from memory.
 */
final readonly class Friction
{
    public function __construct(public float $c1, public float $c2, public float $c3)
    {
    }

    /** e^(−c₂·λ), which friction and its slope share. */
    public function falling(float $slip): float
    {
        return exp(-$this->c2 * $slip);
    }

    /**
     * @param  float  $slip  0 for a wheel that rolls, 1 for one that is locked
     * @param  ?float  $falling  where it is known already
     */
    public function at(float $slip, ?float $falling = null): float
    {
        return $this->c1 * (1.0 - ($falling ?? $this->falling($slip))) - $this->c3 * $slip;
    }

    /** By how much friction grows with slip; negative beyond the peak. */
    public function slopeAt(float $slip, ?float $falling = null): float
    {
        return $this->c1 * $this->c2 * ($falling ?? $this->falling($slip)) - $this->c3;
    }

    /** The slip of the greatest friction: where the slope is nothing, λ = ln(c₁·c₂ / c₃) / c₂, and no more than a locked wheel has. */
    public function peakSlip(): float
    {
        return $this->c3 > 0.0 ? min(1.0, log($this->c1 * $this->c2 / $this->c3) / $this->c2) : 1.0;
    }

    public function peak(): float
    {
        return $this->at($this->peakSlip());
    }
}
