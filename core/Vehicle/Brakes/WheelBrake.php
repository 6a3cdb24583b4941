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

    public function withAir(float $cubicCentimetres): self
    {
        return new self($this->volume->withAir($cubicCentimetres), $this->newtonMetresPerBar, $this->pushOutBar, $this->dragNewtonMetres);
    }

    /** With this much friction between lining and disc. */
    public function gripping(float $newtonMetresPerBar): self
    {
        return new self($this->volume, $newtonMetresPerBar, $this->pushOutBar, $this->dragNewtonMetres);
    }

    public function dragging(float $newtonMetres): self
    {
        return new self($this->volume, $this->newtonMetresPerBar, $this->pushOutBar, $newtonMetres);
    }

    public function torqueNewtonMetres(float $bar): float
    {
        return $this->dragNewtonMetres + $this->newtonMetresPerBar * max(0.0, $bar - $this->pushOutBar);
    }
}
