<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\UnitLimits;
use Lernfall\Vehicle\Brakes\UnitWiring;

/**
 * What the module finds of the hydraulic unit by the currents and voltages it can see itself. It does not see whether a valve moves, and a contact
 * that one winding gets enough through is a good one to it.
 */
final readonly class UnitCheck
{
    /**
     * @param  UnitWiring  $built  as the car was built: what the module expects
     * @param  float  $celsius  of the windings
     */
    public function __construct(private UnitWiring $built, private UnitLimits $limits, private float $celsius)
    {
    }

    /**
     * The relay of the valves before and after it is pulled, then each winding for a moment, one by one.
     *
     * @return array<string, array{Failure, bool}> failure and whether it is found, by valve and for the relay
     */
    public function atKeyOn(UnitWiring $wiring, ElectricalState $state): array
    {
        $at = fn (UnitWiring $one, UnitOrder $order): UnitCircuit => UnitCircuit::of($one, $state, $order, $this->celsius);
        $volts = static fn (UnitCircuit $circuit): float => $circuit->volts(UnitCircuit::VALVE_SUPPLY, UnitCircuit::GROUND);
        $isWelded = $volts($at($wiring, new UnitOrder)) >= $this->limits->leastVolts;
        $isDead = $volts($at($wiring, new UnitOrder(true))) < $this->limits->leastVolts;
        $found = [BrakeParts::VALVE_RELAY => [$isWelded ? Failure::Stuck : Failure::Open, $isWelded || $isDead]];
        foreach (array_keys($this->built->coils) as $valve) {
            $order = UnitOrder::valves([$valve => 1]);
            $found[$valve] = [Failure::Open, ! $isDead && $at($wiring, $order)->amperes($valve) < $this->limits->leastShare * $at($this->built, $order)->amperes($valve)];
        }

        return $found;
    }

    /**
     * The pump for a moment, on pulling away.
     *
     * @return array{Failure, bool} failure and whether it is found
     */
    public function onPullingAway(UnitWiring $wiring, ElectricalState $state): array
    {
        $turns = fn (bool $told): bool => $wiring->motor->turnsAt(UnitCircuit::of($wiring, $state, new UnitOrder(pump: $told), $this->celsius)->motorVolts());

        return $turns(false) ? [Failure::Stuck, true] : [Failure::Open, ! $turns(true)];
    }
}
