<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** One of the two brake circuits at the unit: accumulator and return pump, and where it can brake without the pedal, isolation and priming valve. */
final readonly class BrakeCircuit
{
    /**
     * @param  float  $accumulatorCubicCentimetres  what the accumulator takes until it is full
     * @param  float  $preloadBar  at which it begins to fill
     * @param  float  $accumulatorBarPerCubicCentimetre  by which its spring stiffens
     * @param  float  $pumpCubicCentimetresPerSecond  what the running pump moves
     * @param  float  $reliefBar  what the pump can build up at most
     * @param  ?Valve  $isolation  between master cylinder and inlets, open without current; null where there is none
     * @param  ?Valve  $priming  from the master cylinder to the pump, shut without current; null where there is none
     * @param  float  $leakFlow  coefficient of what is lost to the outside
     */
    public function __construct(
        public float $accumulatorCubicCentimetres,
        public float $preloadBar,
        public float $accumulatorBarPerCubicCentimetre,
        public float $pumpCubicCentimetresPerSecond,
        public float $reliefBar,
        public ?Valve $isolation = null,
        public ?Valve $priming = null,
        public float $leakFlow = 0.0,
    ) {
        Quantity::positive(['accumulatorCubicCentimetres' => $accumulatorCubicCentimetres, 'accumulatorBarPerCubicCentimetre' => $accumulatorBarPerCubicCentimetre, 'reliefBar' => $reliefBar]);
        Quantity::notNegative(['preloadBar' => $preloadBar, 'pumpCubicCentimetresPerSecond' => $pumpCubicCentimetresPerSecond, 'leakFlow' => $leakFlow]);
    }

    public function withTraction(?Valve $isolation, ?Valve $priming): self
    {
        return new self(
            $this->accumulatorCubicCentimetres, $this->preloadBar, $this->accumulatorBarPerCubicCentimetre, $this->pumpCubicCentimetresPerSecond, $this->reliefBar, $isolation, $priming, $this->leakFlow,
        );
    }

    /** Its half of the pump moves nothing, though the motor turns. */
    public function withoutPump(): self
    {
        return new self(
            $this->accumulatorCubicCentimetres, $this->preloadBar, $this->accumulatorBarPerCubicCentimetre, 0.0, $this->reliefBar, $this->isolation, $this->priming, $this->leakFlow,
        );
    }

    public function leaking(float $flow): self
    {
        return new self(
            $this->accumulatorCubicCentimetres, $this->preloadBar, $this->accumulatorBarPerCubicCentimetre, $this->pumpCubicCentimetresPerSecond, $this->reliefBar, $this->isolation, $this->priming, $flow,
        );
    }

    /** The pressure of the accumulator with so much in it. */
    public function accumulatorBar(float $cubicCentimetres): float
    {
        return $this->preloadBar + $this->accumulatorBarPerCubicCentimetre * $cubicCentimetres;
    }
}
