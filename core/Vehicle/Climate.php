<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/**
 * How warm it is around the car, and how much warmer its hubs get on the road.
 *
 * Hubs follow the speed like any body that is heated evenly and cooled by the air (Newton's law of cooling): towards a
 * rise in proportion to the speed, with one time constant. That the rise is proportional is an assumption.
 */
final readonly class Climate
{
    /** A part that fails in the heat does so from this share of the usual rise on. */
    private const HOT_SHARE = 0.6;

    /**
     * @param  float  $hubRiseKelvin  above the surroundings after a long drive at $hubRiseAtMetresPerSecond
     * @param  float  $hubWarmUpSeconds  time constant
     */
    public function __construct(
        public float $ambientCelsius,
        public float $hubRiseKelvin,
        public float $hubRiseAtMetresPerSecond,
        public float $hubWarmUpSeconds,
    ) {
        Quantity::positive(['hubRiseAtMetresPerSecond' => $this->hubRiseAtMetresPerSecond, 'hubWarmUpSeconds' => $this->hubWarmUpSeconds]);
    }

    public function at(float $ambientCelsius): self
    {
        return new self($ambientCelsius, $this->hubRiseKelvin, $this->hubRiseAtMetresPerSecond, $this->hubWarmUpSeconds);
    }

    /** The rise from which a part is hot, in kelvin. */
    public function hotKelvin(): float
    {
        return self::HOT_SHARE * $this->hubRiseKelvin;
    }
}
