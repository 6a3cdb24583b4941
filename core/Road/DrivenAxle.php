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
     * @param  list<array{float, float, float, float, float, float}>  $equations  of the wheels, as RollingCar has them
     * @return array<int, float> radians a second of its two wheels
     */
    public function solved(array $equations, float $seconds): array
    {
        $coupled = $this->inertia / 4.0 / $seconds;
        $drive = $this->newtonMetres / 2.0 + $coupled * ($this->turningLeft + $this->turningRight);
        [$heldLeft, $heldRight] = [$equations[$this->left][0] + $coupled, $equations[$this->left + 1][0] + $coupled];
        [$movedLeft, $movedRight] = [$equations[$this->left][1] + $drive, $equations[$this->left + 1][1] + $drive];
        $determinant = $heldLeft * $heldRight - $coupled ** 2;
        $left = ($movedLeft * $heldRight - $coupled * $movedRight) / $determinant;
        $right = ($movedRight * $heldLeft - $coupled * $movedLeft) / $determinant;
        if ($left < 0.0) {
            [$left, $right] = [0.0, $movedRight / $heldRight];
        } elseif ($right < 0.0) {
            [$left, $right] = [$movedLeft / $heldLeft, 0.0];
        }

        return [$this->left => $left, $this->left + 1 => $right];
    }
}
