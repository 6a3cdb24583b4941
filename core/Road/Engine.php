<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Drivetrain;

/** What turns a driven axle as the throttle is opened and closed: its torque follows after a moment. */
final class Engine
{
    /** An engine gives its torque up so much faster than it gains it: fuel is cut off at once. */
    private const FALLS_SHARE = 0.25;

    /** Of its torque, as it has followed the throttle. */
    private float $given = 0.0;

    /**
     * @param  int  $left  the left driven wheel; the right one is the next
     * @param  list<float>  $radii  rolling radii in metres, by wheel
     */
    public function __construct(private readonly Drivetrain $drivetrain, private readonly int $left, private readonly array $radii)
    {
    }

    /** @param  float  $share  of its torque that is asked for */
    public function follow(float $share, RollingCar $car, float $seconds): DrivenAxle
    {
        [$turningLeft, $turningRight] = [$car->wheels[$this->left]->turning, $car->wheels[$this->left + 1]->turning];
        $axle = ($turningLeft * $this->radii[$this->left] + $turningRight * $this->radii[$this->left + 1]) / 2.0;
        $lag = $share < $this->given ? self::FALLS_SHARE * $this->drivetrain->lagSeconds : $this->drivetrain->lagSeconds;
        $this->given += ($share - $this->given) * min(1.0, $seconds / $lag);

        return new DrivenAxle($this->left, $this->given * $this->drivetrain->limited($axle) * $this->drivetrain->axleNewtonMetres, $this->drivetrain->engineKilogramSquareMetres, $turningLeft, $turningRight);
    }
}
