<?php

declare(strict_types=1);

namespace Lernfall\Road;

/** The engine at an axle with an open differential: both wheels get the same torque, and the engine turns as fast as they do on the mean. */
final readonly class DrivenAxle
{
    /**
     * @param  int  $left  its left wheel; the right one is the next
     * @param  float  $newtonMetres  at the axle
     * @param  float  $inertia  of the engine as the axle feels it, in kg·m²
     */
    public function __construct(private int $left, private float $newtonMetres, private float $inertia, private float $turningLeft, private float $turningRight)
    {
    }

    /**
     * With each wheel's torque T/2 − I·(ω̇₁ + ω̇₂)/4, T at the axle: two equations for two speeds.
     *
     * @param  list<RollingWheel>  $wheels  of the car, prepared for the step
     * @return array<int, float> radians a second of its two wheels
     */
    public function solved(array $wheels, float $seconds): array
    {
        [$left, $right] = [$wheels[$this->left], $wheels[$this->left + 1]];
        $coupled = $this->inertia / 4.0 / $seconds;
        $drive = $this->newtonMetres / 2.0 + $coupled * ($this->turningLeft + $this->turningRight);
        [$heldLeft, $heldRight] = [$left->held + $coupled, $right->held + $coupled];
        [$movedLeft, $movedRight] = [$left->moved + $drive, $right->moved + $drive];
        $determinant = $heldLeft * $heldRight - $coupled ** 2;
        $turningLeft = ($movedLeft * $heldRight - $coupled * $movedRight) / $determinant;
        $turningRight = ($movedRight * $heldLeft - $coupled * $movedLeft) / $determinant;
        if ($turningLeft < 0.0) {
            [$turningLeft, $turningRight] = [0.0, $movedRight / $heldRight];
        } elseif ($turningRight < 0.0) {
            [$turningLeft, $turningRight] = [$movedLeft / $heldLeft, 0.0];
        }

        return [$this->left => $turningLeft, $this->left + 1 => $turningRight];
    }
}
