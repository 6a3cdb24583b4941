<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** From the foot to the two circuits: pedal, assistance, and the two pistons one behind the other. */
final readonly class MasterCylinder
{
    /**
     * @param  float  $boreSquareCentimetres  of the pistons
     * @param  float  $pedalRatio  by which the pedal moves more than the pistons, and presses less
     * @param  float  $assistance  by which the servo presses more than the foot; 1 where it is lost
     * @param  float  $assistedBar  up to which it does
     * @param  float  $pedalCentimetres  until the pedal is down
     * @param  float  $bypassFlow  coefficient of what slips past worn seals, back into the reservoir, at one bar
     */
    public function __construct(
        public float $boreSquareCentimetres,
        public float $pedalRatio,
        public float $assistance,
        public float $assistedBar,
        public float $pedalCentimetres,
        public float $bypassFlow = 0.0,
    ) {
        Quantity::positive(['boreSquareCentimetres' => $boreSquareCentimetres, 'pedalRatio' => $pedalRatio, 'assistedBar' => $assistedBar, 'pedalCentimetres' => $pedalCentimetres]);
        Quantity::atLeast('assistance', $assistance, 1.0);
        Quantity::notNegative(['bypassFlow' => $bypassFlow]);
    }

    /** The pressure a foot makes: ten newtons on a square centimetre are a bar. Beyond what the servo can do, only the foot adds. */
    public function bar(float $footNewtons): float
    {
        $alone = $footNewtons * $this->pedalRatio / $this->boreSquareCentimetres / 10.0;
        $assisted = $alone * $this->assistance;

        return $assisted <= $this->assistedBar ? $assisted : $this->assistedBar + $alone - $this->assistedBar / $this->assistance;
    }

    /** How far the pedal has gone for the fluid it has given to both circuits, no further than it can. */
    public function pedalTravelCentimetres(float $cubicCentimetres): float
    {
        return min($this->pedalCentimetres, $cubicCentimetres / $this->boreSquareCentimetres * $this->pedalRatio);
    }

    public function withAssistance(float $assistance): self
    {
        return new self($this->boreSquareCentimetres, $this->pedalRatio, $assistance, $this->assistedBar, $this->pedalCentimetres, $this->bypassFlow);
    }

    public function bypassing(float $flow): self
    {
        return new self($this->boreSquareCentimetres, $this->pedalRatio, $this->assistance, $this->assistedBar, $this->pedalCentimetres, $flow);
    }
}
