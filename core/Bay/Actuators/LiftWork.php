<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\LiftOutcome;
use Lernfall\Hydraulics\LiftTest;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeUnit;

/** A helper at the pedal, a command of the tool, and a hand at the wheels: worked out once for all cars that could be there whose unit is the same and as full. */
final readonly class LiftWork
{
    private BrakeUnit $unit;

    public function __construct(private Car $car, private OnTheLift $lift)
    {
        $this->unit = $car->vehicle->unit();
    }

    public function done(TestActuator $test): LiftOutcome
    {
        $electrical = $this->car->electrical();
        $full = $this->car->state->lasting->accumulatedCubicCentimetres;
        $asked = implode(' ', [
            $test->question(), $electrical->atUnit(), $this->car->vehicle->climate->ambientCelsius, json_encode($full), serialize($this->lift),
        ]);

        $work = fn (): LiftOutcome => $this->tried($test, $electrical, $full);

        return $this->car->isTypical() ? Memo::with($this->unit, $asked, $work) : $work();
    }

    /** Whether the pump turns though nobody has told it to. */
    public function runsUntold(): bool
    {
        $electrical = $this->car->electrical();
        $wiring = $this->unit->wiring;
        $celsius = $this->car->vehicle->climate->ambientCelsius;

        return Memo::with($wiring, "untold {$electrical->atUnit()} $celsius", static fn (): bool => $wiring->motor->turnsAt(UnitCircuit::of($wiring, $electrical, new UnitOrder, $celsius)->motorVolts()));
    }

    /** @param  array<string, float>  $full  cubic centimetres in the accumulators */
    private function tried(TestActuator $test, ElectricalState $electrical, array $full): LiftOutcome
    {
        $channels = $test->channels();
        $hydraulics = $channels === [] ? $this->unit->hydraulics : $this->unit->hydraulics->circuitsOf($channels);
        $lift = new LiftTest($hydraulics, $this->car->unitWiring(), $this->unit->master, $this->lift->dragsFromNewtonMetres, $this->lift->heldFromNewtonMetres, $this->car->vehicle->climate->ambientCelsius);
        $rest = BrakeState::atRest($hydraulics)->with(array_intersect_key($full, $hydraulics->circuits));
        if ($test->buildsUp()) {
            return $lift->commanded($rest, 0.0, $this->building($channels[0]), $electrical, $this->lift->commandSeconds);
        }
        $order = $test->part === BrakeParts::PUMP ? new UnitOrder(pump: true) : UnitOrder::valves($this->positions($test));
        $first = $lift->commanded($rest, $this->lift->footNewtons, $test->beforePedal ? $order : new UnitOrder, $electrical, $this->lift->pressSeconds);

        return $test->beforePedal ? $first : $lift->commanded($first->state, $this->lift->footNewtons, $order, $electrical, $this->lift->commandSeconds);
    }

    /** Isolation shut, priming open, the other wheels of the circuit kept out, the pump turning. */
    private function building(string $channel): UnitOrder
    {
        $hydraulics = $this->unit->hydraulics;
        $circuit = $hydraulics->wheels[$channel]->circuit;
        $valves = ["$circuit.isolation", "$circuit.priming"];
        foreach ($hydraulics->wheels as $other => $line) {
            if ($line->circuit === $circuit && $other !== $channel) {
                $valves[] = "$other.inlet";
            }
        }

        return new UnitOrder(true, array_fill_keys(array_values(array_intersect($valves, array_keys($this->unit->wiring->coils))), 1), true);
    }

    /** @return array<string, int> by valve */
    private function positions(TestActuator $test): array
    {
        return array_merge([], ...array_map(fn (string $channel): array => $this->unit->wiring->driven($channel, $test->modulation), $test->channels()));
    }
}
