<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\HydraulicUnit;

/** The bench whose rollers turn the wheels of an axle slowly: the pedal is pressed evenly and then held, and the force at each wheel is read. */
final readonly class RollerBench
{
    /** The pedal goes down in as many steps a second. */
    private const STEPS_A_SECOND = 50;

    /**
     * @param  float  $rollingRadiusMetres  of the wheels
     * @param  float  $pressSeconds  until the pedal is at its pressure
     * @param  float  $holdSeconds  after that
     */
    public function __construct(private float $rollingRadiusMetres, private float $pressSeconds, private float $holdSeconds)
    {
    }

    /** @return array<string, WheelForce> by wheel, from a car at rest */
    public function forces(HydraulicUnit $unit, float $masterBar): array
    {
        $machine = new BrakeMachine($unit);
        $state = $free = BrakeState::atRest($unit);
        $steps = (int) ceil($this->pressSeconds * self::STEPS_A_SECOND);
        for ($step = 1; $step <= $steps; $step++) {
            $state = $machine->after($state, $masterBar * $step / $steps, Moved::nothing(), $this->pressSeconds / $steps);
        }
        $held = $machine->after($state, $masterBar, Moved::nothing(), $this->holdSeconds);
        $forces = [];
        foreach ($unit->wheels as $channel => $line) {
            $newtons = fn (BrakeState $at): float => $line->brake->torqueNewtonMetres($at->bar[$channel]) / $this->rollingRadiusMetres;
            $forces[$unit->wheelAt($channel)] = new WheelForce($newtons($free), $newtons($state), $newtons($held), $line->brake->uneven * $newtons($held));
        }

        return $forces;
    }
}
