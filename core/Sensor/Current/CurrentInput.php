<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Current;

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
 * The module's input for an active two-wire sensor: it feeds the first conductor and senses the current, either in the
 * return (the second conductor) or in the feed. At key-on a weak test level comes first; full supply follows only if
 * what it finds is in range.
 */
final readonly class CurrentInput extends SwitchingInput
{
    /** A conductor this share above the module's own test level is fed from elsewhere. */
    private const ABOVE_ITS_OWN = 0.1;

    /**
     * @param  float  $switchOhms  the supply switch, from the system voltage to the first conductor
     * @param  float  $offOhms  what the unpowered output shows towards ground
     * @param  float  $shuntOhms  over which the current is sensed
     * @param  bool  $sensesReturn  the shunt lies between second conductor and ground; otherwise in the feed
     * @param  float  $thresholdAmperes  more counts as a tooth, less as a gap
     * @param  float  $greatestAmperes  under full supply: more than any sensor takes means a short
     */
    public function __construct(
        public float $switchOhms,
        public WeakTest $test,
        public float $offOhms,
        public float $shuntOhms,
        public bool $sensesReturn,
        public float $thresholdAmperes,
        public float $greatestAmperes = INF,
    ) {
        Quantity::positive(['thresholdAmperes' => $this->thresholdAmperes, 'greatestAmperes' => $this->greatestAmperes]);
        Quantity::resistances(['switchOhms' => $this->switchOhms, 'offOhms' => $this->offOhms, 'shuntOhms' => $this->shuntOhms]);
    }

    public function switchesSupply(): bool
    {
        return true;
    }

    public function sharedSupply(): string
    {
        return '';
    }

    public function signalConductor(): int
    {
        return $this->sensesReturn ? 1 : 0;
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state): Netlist
    {
        [$first, $second] = ChannelNetlist::inputNodes($channel);
        [$volts, $ohms] = $this->feed($channel, $state);

        return $netlist
            ->source($first, Netlist::GROUND, $volts, $ohms, Excitation::DC)
            ->resistor($second, Netlist::GROUND, $this->sensesReturn ? $this->shuntOhms : ChannelNetlist::CONTACT_OHMS);
    }

    public function measured(SolvedCircuit $circuit, Channel $channel, ElectricalState $state): InputVoltages
    {
        $pins = ChannelNetlist::inputNodes($channel);
        $first = $circuit->voltsBetween($pins[0], Netlist::GROUND);
        $second = $circuit->voltsBetween($pins[1], Netlist::GROUND);
        [$feedVolts, $feedOhms] = $this->feed($channel, $state);
        $feed = ($feedVolts - $first) / $feedOhms;

        return new InputVoltages($first, $second, $this->sensesReturn ? $second / $this->shuntOhms : $feed, $feed, $this->isFed($channel, $state));
    }

    public function isGrounded(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->firstVolts < $this->test->leastVolts * $factor || $measured->feedAmperes > $this->greatestAmperes * $factor;
    }

    public function isSupplied(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->isFed
            ? $measured->sensed > $this->greatestAmperes * $factor && ! $this->isGrounded($measured, $monitors, $factor)
            : $measured->firstVolts > $this->test->volts * (1.0 + self::ABOVE_ITS_OWN * $factor);
    }

    public function isOpen(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return $measured->sensed < $this->test->leastAmperes * $factor;
    }

    public function isShorted(InputVoltages $measured, Monitors $monitors, float $factor): bool
    {
        return false;
    }

    protected function threshold(): float
    {
        return $this->thresholdAmperes;
    }

    /** @return array{float, float} what feeds the first conductor: volts, and ohms up to the pin */
    private function feed(Channel $channel, ElectricalState $state): array
    {
        $shuntOhms = $this->sensesReturn ? 0.0 : $this->shuntOhms;
        if (! ChannelParts::isPowered($channel, $state) || $channel->moduleEnd->port === Port::Unfed) {
            return [0.0, $this->offOhms + $shuntOhms];
        }

        return $this->isFed($channel, $state)
            ? [$state->moduleVolts(), $this->switchOhms + $shuntOhms]
            : [$this->test->volts, $this->test->ohms + $shuntOhms];
    }

    private function isFed(Channel $channel, ElectricalState $state): bool
    {
        return ChannelParts::isPowered($channel, $state) && in_array($channel->id, $state->supplied, true)
            && $channel->moduleEnd->port !== Port::Unfed && $channel->moduleEnd->port !== Port::Unswitched;
    }
}
