<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Sensor;

/** A sensor as the circuit sees it. */
interface CircuitSensor extends Sensor
{
    /** Coil, resistors and leaks: everything that follows Ohm's law. */
    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state, int $sensorState): Netlist;

    /** The part that does not follow Ohm's law; null where it has none. */
    public function device(Channel $channel, int $sensorState): ?Device;

    /** Whether its output works at this supply. */
    public function isAwakeAt(float $volts): bool;

    /** Whether that depends on its supply at all, so that the supply has to be known. */
    public function needsSupply(): bool;

    /**
     * The load that goes with a bench supply on its pins.
     *
     * @param  list<string>  $pins  by conductor
     */
    public function addBenchLoad(Netlist $netlist, array $pins, string $supplyPin, string $returnPin, float $loadOhms): Netlist;
}
