<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

/** What the roller bench reads at one wheel, in newtons. */
final readonly class WheelForce
{
    /**
     * @param  float  $freeNewtons  with the pedal free
     * @param  float  $pressedNewtons  as the pedal has just come to its pressure
     * @param  float  $heldNewtons  after it has been held
     * @param  float  $swingNewtons  between its least and its greatest in a turn, while it is held
     */
    public function __construct(public float $freeNewtons, public float $pressedNewtons, public float $heldNewtons, public float $swingNewtons = 0.0)
    {
    }

    /** How much of the force comes only while the pedal is held: a narrowed line, or air. */
    public function lateShare(): float
    {
        return $this->heldNewtons > 0.0 ? max(0.0, 1.0 - $this->pressedNewtons / $this->heldNewtons) : 0.0;
    }

    /** The difference of two wheels of an axle against the stronger one, as periodic inspection has it (directive 2014/45/EU, from memory). */
    public function imbalance(self $other): float
    {
        $stronger = max($this->heldNewtons, $other->heldNewtons);

        return $stronger > 0.0 ? abs($this->heldNewtons - $other->heldNewtons) / $stronger : 0.0;
    }
}
