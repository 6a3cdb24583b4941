<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\InputStage;

/** The module's end of a channel as the circuit sees it. */
interface CircuitInput extends InputStage
{
    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state): Netlist;

    /** What the module measures at its pins. */
    public function measured(SolvedCircuit $circuit, Channel $channel, ElectricalState $state): InputVoltages;
}
