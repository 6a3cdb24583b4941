<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Quantity;

/** From where on a driver notices something of a stop: less than that is as usual. */
final readonly class FeltLimits
{
    /**
     * @param  float  $pullsNewtonMetresPerKilogram  mean turning moment of the brakes against the mass of the car
     * @param  float  $locksSeconds  that a wheel stands, above walking pace, until its mark is seen
     * @param  float  $locksAboveMetresPerSecond  and that pace
     * @param  float  $distanceShare  by which a stop is longer or shorter than usual on this surface ...
     * @param  float  $distanceMetres  ... and by which more, since a short stop is never twice the same
     * @param  float  $sinksCentimetres  by which the pedal goes down further than under the same foot while the car stands
     * @param  float  $beatsCubicCentimetres  pressed back against the foot
     * @param  float  $hearsSeconds  that the pump turns, in all
     * @param  float  $pulsesShare  by which the force of all brakes swings with the turns of the wheels
     */
    public function __construct(
        public float $pullsNewtonMetresPerKilogram,
        public float $locksSeconds,
        public float $locksAboveMetresPerSecond,
        public float $distanceShare,
        public float $distanceMetres,
        public float $sinksCentimetres,
        public float $beatsCubicCentimetres,
        public float $hearsSeconds,
        public float $pulsesShare,
    ) {
        Quantity::positive([
            'pullsNewtonMetresPerKilogram' => $pullsNewtonMetresPerKilogram, 'locksSeconds' => $locksSeconds, 'distanceShare' => $distanceShare, 'distanceMetres' => $distanceMetres,
            'sinksCentimetres' => $sinksCentimetres, 'beatsCubicCentimetres' => $beatsCubicCentimetres, 'hearsSeconds' => $hearsSeconds, 'pulsesShare' => $pulsesShare,
        ]);
        Quantity::notNegative(['locksAboveMetresPerSecond' => $locksAboveMetresPerSecond]);
    }

    /** Every limit so many times as far. */
    public function times(float $factor): self
    {
        return new self(
            $factor * $this->pullsNewtonMetresPerKilogram, $factor * $this->locksSeconds, $this->locksAboveMetresPerSecond, $factor * $this->distanceShare, $factor * $this->distanceMetres,
            $factor * $this->sinksCentimetres, $factor * $this->beatsCubicCentimetres, $factor * $this->hearsSeconds, $factor * $this->pulsesShare,
        );
    }
}
