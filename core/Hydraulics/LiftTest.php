<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\MasterCylinder;
use Lernfall\Vehicle\Brakes\UnitWiring;

/** The car on the lift: a helper holds the pedal, the tool drives valves or pump, and somebody tries the wheels by hand. */
final readonly class LiftTest
{
    /** A fifth of a percent of the pressure is more than a hand feels. */
    private const STEP_SECONDS = 0.01;

    /**
     * @param  float  $dragsFromNewtonMetres  a hand feels this at the wheel
     * @param  float  $heldFromNewtonMetres  a hand does not turn it any more
     * @param  float  $coilCelsius  of the windings
     */
    public function __construct(
        private HydraulicUnit $unit,
        private UnitWiring $wiring,
        private MasterCylinder $master,
        private float $dragsFromNewtonMetres,
        private float $heldFromNewtonMetres,
        private float $coilCelsius,
    ) {
    }

    /**
     * What one command does, from how the last one left the fluid.
     *
     * @param  float  $footNewtons  of the helper; 0 with the pedal free
     */
    public function commanded(BrakeState $state, float $footNewtons, UnitOrder $order, ElectricalState $electrical, float $seconds): LiftOutcome
    {
        $currents = UnitCircuit::of($this->wiring, $electrical, $order, $this->coilCelsius);
        $moved = Moved::by($currents, $this->wiring, $this->unit);
        $after = (new BrakeMachine($this->unit, self::STEP_SECONDS))->after($state, $this->master->bar($footNewtons), $moved, $seconds);

        $newtonMetres = $this->newtonMetres($after);

        return new LiftOutcome(
            $after,
            array_map(fn (float $one): ByHand => ByHand::of($one, $this->dragsFromNewtonMetres, $this->heldFromNewtonMetres), $newtonMetres),
            $newtonMetres,
            $this->wiring->motor->turnsAt($currents->motorVolts()),
            $this->master->pedalTravelCentimetres(array_sum($state->displaced)) - $this->master->pedalTravelCentimetres(array_sum($after->displaced)),
            $moved->isHeardIn($this->unit),
        );
    }

    /** @return array<string, float> by wheel */
    private function newtonMetres(BrakeState $state): array
    {
        $newtonMetres = [];
        foreach ($this->unit->wheels as $channel => $line) {
            $newtonMetres[$this->unit->wheelAt($channel)] = $line->brake->torqueNewtonMetres($state->bar[$channel]);
        }

        return $newtonMetres;
    }
}
