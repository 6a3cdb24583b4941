<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** The brake of one wheel: the fluid it takes, and the torque it makes of pressure. */
final readonly class WheelBrake
{
    /**
     * @param  float  $pushOutBar  below this the pistons do not press yet
     * @param  float  $dragNewtonMetres  it brakes by this without any pressure
     */
    public function __construct(
        public VolumeCurve $volume,
        public float $newtonMetresPerBar,
        public float $pushOutBar,
        public float $dragNewtonMetres = 0.0,
    ) {
        Quantity::positive(['newtonMetresPerBar' => $newtonMetresPerBar]);
        Quantity::notNegative(['pushOutBar' => $pushOutBar, 'dragNewtonMetres' => $dragNewtonMetres]);
    }

    public function torqueNewtonMetres(float $bar): float
    {
        return $this->dragNewtonMetres + $this->newtonMetresPerBar * max(0.0, $bar - $this->pushOutBar);
    }
}
