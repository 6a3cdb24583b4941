<?php

declare(strict_types=1);

namespace Lernfall\Bay\Clamp;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Circuit\SwitchElement;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Vehicle\Pads;

/**
 * What flows in the wires at the hydraulic unit. The clamp's arrow lies along the wire towards the unit for what feeds it, and away from it for its
 * ground and for the module's end of a winding; of several wires in one clamp the first one says how it lies, so that go and return of one load
 * cancel each other.
 */
final readonly class UnitCurrent
{
    public function __construct(private Car $car)
    {
    }

    public function amperes(ClampCurrent $clamped): float
    {
        $pads = [$clamped->at, ...$clamped->alsoAt];
        $sum = array_sum(array_map(fn (string $pad): float => $this->towardsUnit($pad) * $this->magnitude($pad, $clamped), $pads));

        return $this->towardsUnit($clamped->at) * $sum;
    }

    /** @return list<string> valves whose windings matter */
    public function windings(ClampCurrent $clamped): array
    {
        return array_keys($clamped->meanwhile->order($this->car, $this->car->vehicle->unit()->wiring)->positions);
    }

    private function towardsUnit(string $pad): float
    {
        return $pad === Pads::UNIT_GROUND || str_starts_with($pad, Pads::UNIT_COIL) ? -1.0 : 1.0;
    }

    private function magnitude(string $pad, ClampCurrent $clamped): float
    {
        if (str_starts_with($pad, Pads::UNIT_SWITCH)) {
            $switch = explode('.', substr($pad, strlen(Pads::UNIT_SWITCH)))[0];

            return SwitchElement::amperes($this->car->vehicle->brakeParts, $switch, in_array($switch, $clamped->meanwhile->worked(), true), $this->car->electrical());
        }
        $circuit = $this->circuit($clamped);
        if (str_starts_with($pad, Pads::UNIT_COIL)) {
            return $circuit->amperes(substr($pad, strlen(Pads::UNIT_COIL)));
        }
        $valves = fn (): float => array_sum(array_map($circuit->amperes(...), array_keys($this->car->vehicle->unit()->wiring->coils)));

        return match (true) {
            $pad === Pads::UNIT_GROUND => $valves() + $circuit->motorAmperes(),
            str_starts_with($pad, Pads::UNIT_FEEDS[1]) => $circuit->motorAmperes(),
            default => $valves(),
        };
    }

    private function circuit(ClampCurrent $clamped): UnitCircuit
    {
        $car = $this->car;
        $electrical = $car->electrical();
        $celsius = $car->vehicle->climate->ambientCelsius;
        $wiring = $car->unitWiring();
        $order = $clamped->meanwhile->order($car, $wiring);

        return Memo::with($wiring, implode(' ', ['currents', $electrical->atUnit(), $celsius, serialize($order)]), static fn (): UnitCircuit => UnitCircuit::of($wiring, $electrical, $order, $celsius));
    }
}
