<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Hydraulics\Moved;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\UnitWiring;

/** What moves at the hydraulic unit when the module wants something of it: that depends on the current each winding gets. Each wish is solved once. */
final class UnitMoves
{
    /** @var array<string, Moved> by wish */
    private array $moved = [];

    /**
     * @param  HydraulicUnit  $hydraulics  or one with the same channels and circuits
     * @param  UnitWiring  $wiring  as this car has it
     * @param  list<string>  $channels  as the module names the wheels
     */
    public function __construct(private readonly HydraulicUnit $hydraulics, private readonly UnitWiring $wiring, private readonly ElectricalState $state, private readonly array $channels, private readonly float $celsius)
    {
    }

    /** @param  list<Modulation>  $wishes  by wheel */
    public function by(array $wishes, bool $pump): Moved
    {
        $key = $pump ? 'p' : '';
        foreach ($wishes as $wish) {
            $key .= $wish->value;
        }

        return $this->moved[$key] ??= $this->solved($wishes, $pump);
    }

    /**
     * Wheels braked without the pedal: their circuits are cut off from it, the pump of one that is to build up draws through its priming valve, and whoever else is in them is kept out.
     *
     * @param  list<Modulation>  $wishes  by wheel
     * @param  list<int>  $braked  wheels
     */
    public function braking(array $wishes, array $braked, bool $builds): Moved
    {
        $key = implode('', $braked).($builds ? ' builds ' : ' ');
        foreach ($wishes as $wish) {
            $key .= $wish->value;
        }

        return $this->moved[$key] ??= $this->cutOff($wishes, $braked, $builds);
    }

    /**
     * @param  list<Modulation>  $wishes
     * @param  list<int>  $braked
     */
    private function cutOff(array $wishes, array $braked, bool $builds): Moved
    {
        $circuit = fn (int $wheel): string => $this->hydraulics->wheels[$this->channels[$wheel]]->circuit;
        $circuits = array_map($circuit, $braked);
        $valves = [];
        foreach ($braked as $wheel) {
            $primes = $builds && $wishes[$wheel] === Modulation::Increase;
            $valves += [$circuit($wheel).'.isolation' => 1, ...$primes ? [$circuit($wheel).'.priming' => 1] : []];
        }
        foreach (array_keys($wishes) as $wheel) {
            $wishes[$wheel] = in_array($circuit($wheel), $circuits, true) && ! in_array($wheel, $braked, true) ? Modulation::Hold : $wishes[$wheel];
        }

        return $this->solved($wishes, true, array_intersect_key($valves, $this->wiring->coils));
    }

    /**
     * @param  list<Modulation>  $wishes
     * @param  array<string, int>  $further  positions of other valves
     */
    private function solved(array $wishes, bool $pump, array $further = []): Moved
    {
        $positions = $further;
        foreach ($wishes as $wheel => $wish) {
            $positions += $this->wiring->driven($this->channels[$wheel], $wish);
        }
        $currents = UnitCircuit::of($this->wiring, $this->state, new UnitOrder(true, $positions, $pump), $this->celsius);

        return Moved::by($currents, $this->wiring, $this->hydraulics);
    }
}
