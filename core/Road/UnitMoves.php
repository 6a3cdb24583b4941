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
        $key = ($pump ? 'p' : '').implode('', array_map(static fn (Modulation $one): int => $one->position(), $wishes));

        return $this->moved[$key] ??= $this->solved($wishes, $pump);
    }

    /** @param  list<Modulation>  $wishes */
    private function solved(array $wishes, bool $pump): Moved
    {
        $positions = [];
        foreach ($wishes as $wheel => $wish) {
            $positions += $this->wiring->driven($this->channels[$wheel], $wish);
        }
        $currents = UnitCircuit::of($this->wiring, $this->state, new UnitOrder(true, $positions, $pump), $this->celsius);

        return Moved::by($currents, $this->wiring, $this->hydraulics);
    }
}
