<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/** A car as a mass on four wheels: what it weighs, and where its weight lies. */
final readonly class Chassis
{
    /**
     * @param  float  $massKilograms  with the driver
     * @param  float  $gravityBehindFrontAxleMetres  how far the centre of gravity lies behind the front axle
     * @param  float  $frontWheelKilogramSquareMetres  inertia of one wheel with all that turns with it
     * @param  float  $rearWheelKilogramSquareMetres  as well
     * @param  float  $loadLagSeconds  by which wheel loads follow the deceleration: springs and dampers
     */
    public function __construct(
        public float $massKilograms,
        public float $wheelbaseMetres,
        public float $gravityBehindFrontAxleMetres,
        public float $gravityHeightMetres,
        public float $trackMetres,
        public float $frontWheelKilogramSquareMetres = 1.0,
        public float $rearWheelKilogramSquareMetres = 0.9,
        public Resistance $resistance = new Resistance,
        public float $loadLagSeconds = 0.05,
    ) {
        Quantity::positive([
            'massKilograms' => $massKilograms, 'wheelbaseMetres' => $wheelbaseMetres, 'gravityHeightMetres' => $gravityHeightMetres, 'trackMetres' => $trackMetres,
            'frontWheelKilogramSquareMetres' => $frontWheelKilogramSquareMetres, 'rearWheelKilogramSquareMetres' => $rearWheelKilogramSquareMetres, 'loadLagSeconds' => $loadLagSeconds,
        ]);
        Quantity::within('gravityBehindFrontAxleMetres', $gravityBehindFrontAxleMetres, 0.0, $wheelbaseMetres);
    }

    /** With more on board, over a point so far behind the front axle, at the height of the centre of gravity. */
    public function loaded(float $kilograms, float $behindFrontAxleMetres): self
    {
        $mass = $this->massKilograms + $kilograms;

        return new self(
            $mass, $this->wheelbaseMetres, ($this->massKilograms * $this->gravityBehindFrontAxleMetres + $kilograms * $behindFrontAxleMetres) / $mass, $this->gravityHeightMetres,
            $this->trackMetres, $this->frontWheelKilogramSquareMetres, $this->rearWheelKilogramSquareMetres, $this->resistance, $this->loadLagSeconds,
        );
    }
}
