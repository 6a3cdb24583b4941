<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Passive;

use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\ChannelParts;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Excitation;
use Lernfall\Circuit\Injection;
use Lernfall\Circuit\InputVoltages;
use Lernfall\Circuit\ModuleInput;
use Lernfall\Circuit\Netlist;
use Lernfall\Circuit\SolvedCircuit;
use Lernfall\Module\Disturbance;
use Lernfall\Module\SpeedListening;
use Lernfall\Quantity;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Monitors;

/** The module's input for a passive pair: the first conductor is pulled up, the second down, or lies on ground where the input is single-ended. */
final readonly class PassiveInput implements SpeedListening
{
    /**
     * @param  float  $biasVolts  the internal rail while the ignition is on
     * @param  float  $railOhmsOff  what the unpowered rail shows towards ground
     * @param  float  $thresholdPeakVolts  the smallest amplitude that is counted
     * @param  bool  $singleEnded  the second conductor lies on ground in the module
     */
    public function __construct(
        public float $biasVolts,
        public float $railOhmsOn,
        public float $railOhmsOff,
        public float $pullUpOhms,
        public float $pullDownOhms,
        public float $acrossOhms,
        public float $thresholdPeakVolts,
        public bool $singleEnded = false,
    ) {
        Quantity::positive(['biasVolts' => $this->biasVolts, 'thresholdPeakVolts' => $this->thresholdPeakVolts]);
        Quantity::resistances(['railOhmsOn' => $this->railOhmsOn, 'railOhmsOff' => $this->railOhmsOff, 'pullUpOhms' => $this->pullUpOhms, 'pullDownOhms' => $this->pullDownOhms, 'acrossOhms' => $this->acrossOhms]);
    }

    public function loading(float $acrossOhms): self
    {
        return new self($this->biasVolts, $this->railOhmsOn, $this->railOhmsOff, $this->pullUpOhms, $this->pullDownOhms, $acrossOhms, $this->thresholdPeakVolts, $this->singleEnded);
    }

    public function switchesSupply(): bool
    {
        return false;
    }

    public function sharedSupply(): string
    {
        return '';
    }

    public function signalConductor(): ?int
    {
        return null;
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state): Netlist
    {
        [$first, $second] = ChannelNetlist::inputNodes($channel);
        $rail = "$channel->id.rail";
        $powered = ChannelParts::isPowered($channel, $state);

        return $netlist
            ->source($rail, Netlist::GROUND, $powered ? $this->biasVolts : 0.0, $powered ? $this->railOhmsOn : $this->railOhmsOff, Excitation::DC)
            ->resistor($rail, $first, $this->pullUpOhms)
            ->resistor($second, Netlist::GROUND, $this->singleEnded ? ChannelNetlist::CONTACT_OHMS : $this->pullDownOhms)
            ->resistor($first, $second, $this->acrossOhms);
    }

    public function measured(SolvedCircuit $circuit, Channel $channel, ElectricalState $state): InputVoltages
    {
        $pins = ChannelNetlist::inputNodes($channel);

        return new InputVoltages($circuit->voltsBetween($pins[0], Netlist::GROUND), $circuit->voltsBetween($pins[1], Netlist::GROUND));
    }

    public function isGrounded(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->meanVolts() < $monitors->standstill->groundBelowVolts * $factor;
    }

    public function isSupplied(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->meanVolts() > $monitors->standstill->supplyAboveVolts * $factor;
    }

    public function isOpen(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->acrossVolts() > $monitors->standstill->openAboveVolts * $factor;
    }

    public function isShorted(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->acrossVolts() < $monitors->standstill->shortedBelowVolts * $factor;
    }

    public function disturbance(string $at, array $channels, ElectricalState $state): float
    {
        return $channels[$at]->isTwisted() ? 0.0 : Disturbance::VOLTS_PER_METRE * ModuleInput::voltsPerPickUp($at, $channels, $state) / $this->thresholdPeakVolts;
    }

    public function signalOf(Channel $source, string $at, array $channels, ElectricalState $state): RisingSignal
    {
        $peak = $source->sensor->peakVolts($source->wheelEnd->ring, $source->wheelEnd->gapMetres, 1.0);

        return new RisingSignal($peak * ModuleInput::voltsPerEmf($at, $channels, $state, $source->id), $this->thresholdPeakVolts);
    }

    public function hears(Injection $injection, string $at, array $channels, ElectricalState $state): bool
    {
        $volts = static fn (float $level): float => ModuleInput::at($at, $channels, $state, injects: $level)->acrossVolts();

        // it is coupled over a capacitor: what counts is half the swing, whatever its shape
        return abs($volts(1.0) - $volts($injection->lowestLevel())) / 2.0 >= $this->thresholdPeakVolts;
    }
}
