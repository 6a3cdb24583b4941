<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\SwitchInput;

/** What a channel's circuit does at the module's pins. */
final readonly class ModuleInput
{
    /** With this level of an active sensor; a passive one at rest. */
    public static function at(Channel $channel, ElectricalState $state, bool $tooth): InputVoltages
    {
        $circuit = LiveCircuit::ofNothing()->withChannel($channel, $state, $tooth && Awake::is($channel, $state))->solved();
        $pins = ChannelNetlist::inputNodes($channel);
        $first = $circuit->voltsBetween($pins[0], Netlist::GROUND);
        $second = $circuit->voltsBetween($pins[1], Netlist::GROUND);
        $input = $channel->input;
        if (! $input instanceof CurrentInput && ! $input instanceof SwitchInput) {
            return new InputVoltages($first, $second);
        }
        [$feedVolts, $feedOhms] = InputElement::feed($channel, $input, $state);
        $feed = ($feedVolts - $first) / $feedOhms;
        $sensed = match (true) {
            $input instanceof SwitchInput => $circuit->voltsBetween($pins[2], Netlist::GROUND),
            $input->sensesReturn => $second / $input->shuntOhms,
            default => $feed,
        };

        return new InputVoltages($first, $second, $sensed, $feed);
    }

    /**
     * Voltage between the module's pins for each volt induced in a passive sensor's coil: the divider is linear, so this
     * one figure serves every speed.
     */
    public static function voltsPerEmf(Channel $channel, ElectricalState $state): float
    {
        $pins = ChannelNetlist::inputNodes($channel);

        return abs(LiveCircuit::ofNothing()->withChannel($channel, $state, false)->solved()->perEmf($channel->id, $pins[0], $pins[1]));
    }
}
