<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What a sensor has in front of it: the ring, the gap to it, and the hub and tyre that turn it. */
final readonly class WheelEnd
{
    /** A belted tyre that has lost all its pressure rolls off so much less in a turn; with half of it, half as much. Common practice, no source. */
    private const SOFT_SHARE = 0.03;

    /**
     * @param  float  $tipDust  share of the ring's effect that metal dust on the sensor's tip takes away
     * @param  float  $bearingPlayMetres  by which the wheel can be rocked
     * @param  float  $tyreFactor  rolling circumference of the tyre fitted here against the one the car is built for
     * @param  float  $tyreSoft  share of its pressure the tyre has lost
     * @param  bool  $seized  the sensor sits fast in its bore until it is drawn for the first time
     * @param  bool  $bladesReach  a feeler gauge can be put in between sensor and ring
     */
    public function __construct(
        public ToothedRing $ring,
        public float $gapMetres,
        public float $tipDust = 0.0,
        public float $bearingPlayMetres = 0.0,
        public float $tyreFactor = 1.0,
        public float $tyreSoft = 0.0,
        public bool $seized = false,
        public bool $bladesReach = true,
    ) {
        Quantity::notNegative(['gapMetres' => $this->gapMetres, 'bearingPlayMetres' => $this->bearingPlayMetres]);
        Quantity::within('tipDust', $this->tipDust, 0.0, 1.0);
        Quantity::within('tyreSoft', $this->tyreSoft, 0.0, 1.0);
        Quantity::positive(['tyreFactor' => $this->tyreFactor]);
    }

    public function with(?ToothedRing $ring = null, ?float $gapMetres = null, ?float $tipDust = null, ?float $bearingPlayMetres = null, ?float $tyreFactor = null, ?float $tyreSoft = null): self
    {
        return new self($ring ?? $this->ring, $gapMetres ?? $this->gapMetres, $tipDust ?? $this->tipDust, $bearingPlayMetres ?? $this->bearingPlayMetres, $tyreFactor ?? $this->tyreFactor, $tyreSoft ?? $this->tyreSoft, $this->seized, $this->bladesReach);
    }

    /** Rolling circumference against the one the car is built for. */
    public function rollingFactor(): float
    {
        return $this->tyreFactor * (1.0 - self::SOFT_SHARE * $this->tyreSoft);
    }
}
