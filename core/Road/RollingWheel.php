<?php

declare(strict_types=1);

namespace Lernfall\Road;

/**
 * One wheel on the road, in two halves of a step: first what its speed after the step depends on, held · ω = moved, then that speed.
 *
 * Tyre force and slip are taken as they change with that speed: slip = lag − gain · ω, force = force + slope · (slip − slip now).
 */
final class RollingWheel
{
    /** Of road until slip has followed; published values for car tyres lie between 0.05 and 0.3 m, longer ones would let a wheel swing by itself. */
    private const RELAXATION_METRES = 0.08;

    /** Radians a second. */
    public float $turning;

    /** Radians since it began. */
    public float $turned = 0.0;

    /** Braking above zero, driving below. */
    public float $slip = 0.0;

    /** Newtons against the drive, in the last step. */
    public float $force = 0.0;

    public float $held = 1.0;

    public float $moved = 0.0;

    private float $gain = 0.0;

    private float $lag = 0.0;

    private float $slope = 0.0;

    /**
     * @param  float  $radius  rolling radius in metres
     * @param  float  $inertia  kg·m²
     */
    public function __construct(private readonly float $radius, private readonly float $inertia, float $metresPerSecond)
    {
        $this->turning = $metresPerSecond / $radius;
    }

    /**
     * @param  float  $metresPerSecond  of the road under it
     * @param  float  $load  newtons
     * @param  float  $gripShare  of its grip, what is left along the road
     * @param  float  $brake  torque in N·m
     * @param  float  $rollingShare  of its load that rolling alone costs
     */
    public function prepare(float $metresPerSecond, float $load, float $gripShare, Friction $friction, float $brake, float $rollingShare, float $seconds): void
    {
        $follows = self::RELAXATION_METRES + $seconds * max($metresPerSecond, $this->radius * $this->turning);
        $this->lag = (self::RELAXATION_METRES * $this->slip + $seconds * $metresPerSecond) / $follows;
        $this->gain = $seconds * $this->radius / $follows;
        $size = abs($this->slip);
        $falling = $friction->falling($size);
        $this->force = $load * $gripShare * $friction->at($size, $falling) * ($this->slip < 0.0 ? -1.0 : 1.0);
        $this->slope = $load * $gripShare * max(0.0, $friction->slopeAt($size, $falling));
        $inertia = $this->inertia / $seconds;
        $this->held = $inertia + $this->radius * $this->slope * $this->gain;
        $this->moved = $inertia * $this->turning + $this->radius * ($this->force + $this->slope * ($this->lag - $this->slip)) - $brake - $rollingShare * $load * $this->radius;
    }

    /** @param  float  $turning  after the step; a wheel that would turn backwards stands */
    public function turn(float $turning, float $seconds): void
    {
        $this->turning = max(0.0, $turning);
        $slip = $this->lag - $this->gain * $this->turning;
        $this->force += $this->slope * ($slip - $this->slip);
        $this->slip = $slip;
        $this->turned += $this->turning * $seconds;
    }
}
