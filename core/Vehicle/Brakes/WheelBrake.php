<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** The brake of one wheel: the fluid it takes, and the torque it makes of pressure. */
final readonly class WheelBrake
{
    /** A caliper that does not slide at all leaves a lining rubbing with this; an assumption. */
    private const RUBBING_NEWTON_METRES = 70.0;

    /**
     * @param  float  $pushOutBar  below this the pistons do not press yet
     * @param  float  $dragNewtonMetres  its pistons brake by this without any pressure
     * @param  float  $slides  share of the force that comes to the disc; less than 1 where the caliper does not slide on its pins
     * @param  float  $worn  share of its linings that is gone
     * @param  float  $uneven  by which its force swings with every turn of the disc, as a share of it
     */
    public function __construct(
        public VolumeCurve $volume,
        public float $newtonMetresPerBar,
        public float $pushOutBar,
        public float $dragNewtonMetres = 0.0,
        public float $slides = 1.0,
        public float $worn = 0.0,
        public float $uneven = 0.0,
    ) {
        Quantity::positive(['newtonMetresPerBar' => $newtonMetresPerBar]);
        Quantity::notNegative(['pushOutBar' => $pushOutBar, 'dragNewtonMetres' => $dragNewtonMetres]);
        foreach (['slides' => $slides, 'worn' => $worn, 'uneven' => $uneven] as $name => $share) {
            Quantity::within($name, $share, 0.0, 1.0);
        }
    }

    public function withAir(float $cubicCentimetres): self
    {
        return $this->with(volume: $this->volume->withAir($cubicCentimetres));
    }

    /** With this much friction between lining and disc. */
    public function gripping(float $newtonMetresPerBar): self
    {
        return $this->with(newtonMetresPerBar: $newtonMetresPerBar);
    }

    public function dragging(float $newtonMetres): self
    {
        return $this->with(dragNewtonMetres: $newtonMetres);
    }

    public function sliding(float $share): self
    {
        return $this->with(slides: $share);
    }

    /** @param  float  $share  of the linings that is gone */
    public function worn(float $share): self
    {
        return $this->with(worn: $share);
    }

    public function uneven(float $share): self
    {
        return $this->with(uneven: $share);
    }

    public function torqueNewtonMetres(float $bar): float
    {
        return $this->freeNewtonMetres() + $this->newtonMetresPerBar * $this->slides * max(0.0, $bar - $this->pushOutBar);
    }

    /** What it brakes without pressure: stuck pistons, and a lining that a caliper fast on its pins keeps at the disc. */
    public function freeNewtonMetres(): float
    {
        return $this->dragNewtonMetres + (1.0 - $this->slides) * self::RUBBING_NEWTON_METRES;
    }

    private function with(?VolumeCurve $volume = null, ?float $newtonMetresPerBar = null, ?float $dragNewtonMetres = null, ?float $slides = null, ?float $worn = null, ?float $uneven = null): self
    {
        return new self(
            $volume ?? $this->volume, $newtonMetresPerBar ?? $this->newtonMetresPerBar, $this->pushOutBar, $dragNewtonMetres ?? $this->dragNewtonMetres,
            $slides ?? $this->slides, $worn ?? $this->worn, $uneven ?? $this->uneven,
        );
    }
}
