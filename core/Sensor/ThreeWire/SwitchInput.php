<?php

declare(strict_types=1);

namespace Lernfall\Sensor\ThreeWire;

use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\ChannelParts;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Excitation;
use Lernfall\Circuit\InputVoltages;
use Lernfall\Circuit\Netlist;
use Lernfall\Circuit\SolvedCircuit;
use Lernfall\Quantity;
use Lernfall\Sensor\SwitchingInput;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Monitors;
use Lernfall\Vehicle\Port;

/**
 * The module's input for a three-wire sensor: supply on the first conductor, ground on the second, signal on the third,
 * pulled up for a sinking sensor and down for a sourcing one.
 */
final readonly class SwitchInput extends SwitchingInput
{
    /**
     * @param  float  $pullVolts  the level the signal is pulled up to; 0 pulls it down
     * @param  float  $inputOhms  what the input itself loads the signal with
     * @param  float  $thresholdVolts  between the two levels of the signal
     */
    public function __construct(
        public SensorSupply $supply,
        public float $groundOhms,
        public float $pullVolts,
        public float $pullOhms,
        public float $inputOhms,
        public float $thresholdVolts,
    ) {
        Quantity::positive(['thresholdVolts' => $this->thresholdVolts]);
        Quantity::resistances(['groundOhms' => $this->groundOhms, 'pullOhms' => $this->pullOhms, 'inputOhms' => $this->inputOhms]);
        Quantity::notNegative(['pullVolts' => $this->pullVolts]);
    }

    public function switchesSupply(): bool
    {
        return false;
    }

    public function sharedSupply(): string
    {
        return $this->supply->shared;
    }

    public function signalConductor(): int
    {
        return 2;
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state): Netlist
    {
        [$first, $second, $signal] = ChannelNetlist::inputNodes($channel);
        [$volts, $ohms] = $this->feed($channel, $state);

        return $netlist
            ->source($first, Netlist::GROUND, $volts, $ohms, Excitation::DC)
            ->resistor($second, Netlist::GROUND, $this->groundOhms)
            ->source($signal, Netlist::GROUND, ChannelParts::isPowered($channel, $state) ? $this->pullVolts : 0.0, $this->pullOhms, Excitation::DC)
            ->resistor($signal, Netlist::GROUND, $this->inputOhms);
    }

    public function measured(SolvedCircuit $circuit, Channel $channel, ElectricalState $state): InputVoltages
    {
        $pins = ChannelNetlist::inputNodes($channel);
        $first = $circuit->voltsBetween($pins[0], Netlist::GROUND);
        $second = $circuit->voltsBetween($pins[1], Netlist::GROUND);
        [$feedVolts, $feedOhms] = $this->feed($channel, $state);

        return new InputVoltages($first, $second, $circuit->voltsBetween($pins[2], Netlist::GROUND), ($feedVolts - $first) / $feedOhms);
    }

    public function isGrounded(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->firstVolts < $this->supply->leastSupplyVolts * $factor;
    }

    public function isSupplied(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return false;
    }

    public function isOpen(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->feedAmperes < $this->supply->leastSupplyAmperes * $factor;
    }

    public function isShorted(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return false;
    }

    protected function threshold(): float
    {
        return $this->thresholdVolts;
    }

    /** @return array{float, float} what feeds the first conductor: volts, and ohms up to the pin */
    private function feed(Channel $channel, ElectricalState $state): array
    {
        return ChannelParts::isPowered($channel, $state) && $channel->moduleEnd->port !== Port::Unfed && ! in_array($channel->id, $state->cut, true)
            ? [$this->supply->supplyVolts > 0.0 ? $this->supply->supplyVolts : $state->moduleVolts(), $this->supply->supplyOhms]
            : [0.0, $this->supply->offOhms];
    }
}
