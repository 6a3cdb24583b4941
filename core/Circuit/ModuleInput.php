<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\SwitchInput;

/** What a channel's circuit does at the module's pins. */
final readonly class ModuleInput
{
    /**
     * @param  array<array-key, Channel>  $channels  this channel and all that leads join to it, by id
     * @param  array<array-key, bool>  $levels  by channel: an active sensor at its upper level
     */
    public static function at(string $id, array $channels, ElectricalState $state, array $levels = [], bool $injectsUpper = false): InputVoltages
    {
        $channel = $channels[$id];
        $circuit = LiveCircuit::of($channels, $state, Awake::ones($channels, $state, $levels), $injectsUpper)->solved();
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
     * Voltage between the module's pins for each volt induced somewhere: the divider is linear, so this one figure serves
     * every speed.
     *
     * @param  array<array-key, Channel>  $channels
     * @param  string  $source  a channel whose passive sensor induces it, or what an injection calls its own
     */
    public static function voltsPerEmf(string $id, array $channels, ElectricalState $state, string $source): float
    {
        $pins = ChannelNetlist::inputNodes($channels[$id]);

        return abs(LiveCircuit::of($channels, $state)->solved()->perEmf($source, $pins[0], $pins[1]));
    }
}
