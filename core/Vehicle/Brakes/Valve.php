<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/**
 * A valve as an opening: what flows grows with the root of the pressure across it (orifice flow, as in any handbook of hydraulics).
 * Flow coefficients are cubic centimetres a second at one bar.
 */
final readonly class Valve
{
    /**
     * @param  float  $flow  coefficient while it is open
     * @param  float  $leak  coefficient while it is shut: dirt or wear at its seat
     */
    public function __construct(public float $flow, public float $leak = 0.0, public Sticking $sticking = Sticking::Free)
    {
        Quantity::positive(['flow' => $flow]);
        Quantity::within('leak', $leak, 0.0, $flow);
    }

    /** The coefficient while its coil wants it open or shut. */
    public function opening(bool $wantedOpen): float
    {
        $isOpen = match ($this->sticking) {
            Sticking::Free => $wantedOpen,
            Sticking::Open => true,
            Sticking::Shut => false,
        };

        return $isOpen ? $this->flow : $this->leak;
    }

    public function stuck(Sticking $sticking): self
    {
        return new self($this->flow, $this->leak, $sticking);
    }

    public function leaking(float $flow): self
    {
        return new self($this->flow, $flow, $this->sticking);
    }

    /** With only this share of its opening free. */
    public function throttled(float $share): self
    {
        Quantity::within('share', $share, 0.001, 1.0);

        return new self($this->flow * $share, min($this->leak, $this->flow * $share), $this->sticking);
    }
}
