<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\PassiveInput;
use Lernfall\Vehicle\Port;
use Lernfall\Vehicle\SwitchInput;

/** The module's end of a channel as the circuit sees it. */
final readonly class InputElement
{
    public static function add(Netlist $netlist, Channel $channel, ElectricalState $state): Netlist
    {
        $powered = self::isPowered($channel, $state);
        $input = $channel->input;

        return match (true) {
            $input instanceof PassiveInput => self::passive($netlist, $channel, $input, $powered),
            $input instanceof CurrentInput => self::current($netlist, $channel, $input, $state),
            $input instanceof SwitchInput => self::switched($netlist, $channel, $input, $state, $powered),
            default => $netlist,
        };
    }

    public static function isPowered(Channel $channel, ElectricalState $state): bool
    {
        $plugs = $channel->plugs();

        return $state->moduleOn && ! in_array($plugs[count($plugs) - 1]->plugId, $state->openPlugs, true);
    }

    /**
     * What feeds the first conductor of an active channel.
     *
     * @return array{float, float} volts, and ohms up to the pin
     */
    public static function feed(Channel $channel, CurrentInput|SwitchInput $input, ElectricalState $state): array
    {
        $powered = self::isPowered($channel, $state) && $channel->port !== Port::Unfed;
        if ($input instanceof SwitchInput) {
            return $powered ? [$input->supplyVolts > 0.0 ? $input->supplyVolts : $state->moduleVolts(), $input->supplyOhms] : [0.0, $input->offOhms];
        }
        $shuntOhms = $input->sensesReturn ? 0.0 : $input->shuntOhms;
        if (! $powered) {
            return [0.0, $input->offOhms + $shuntOhms];
        }

        return in_array($channel->id, $state->supplied, true) && $channel->port !== Port::Unswitched
            ? [$state->moduleVolts(), $input->switchOhms + $shuntOhms]
            : [$input->testVolts, $input->testOhms + $shuntOhms];
    }

    private static function passive(Netlist $netlist, Channel $channel, PassiveInput $input, bool $powered): Netlist
    {
        [$first, $second] = ChannelNetlist::inputNodes($channel);
        $rail = "$channel->id.rail";

        return $netlist
            ->source($rail, Netlist::GROUND, $powered ? $input->biasVolts : 0.0, $powered ? $input->railOhmsOn : $input->railOhmsOff, ChannelNetlist::DC)
            ->resistor($rail, $first, $input->pullUpOhms)
            ->resistor($second, Netlist::GROUND, $input->pullDownOhms)
            ->resistor($first, $second, $input->acrossOhms);
    }

    private static function current(Netlist $netlist, Channel $channel, CurrentInput $input, ElectricalState $state): Netlist
    {
        [$first, $second] = ChannelNetlist::inputNodes($channel);
        [$volts, $ohms] = self::feed($channel, $input, $state);

        return $netlist
            ->source($first, Netlist::GROUND, $volts, $ohms, ChannelNetlist::DC)
            ->resistor($second, Netlist::GROUND, $input->sensesReturn ? $input->shuntOhms : ChannelNetlist::CONTACT_OHMS);
    }

    private static function switched(Netlist $netlist, Channel $channel, SwitchInput $input, ElectricalState $state, bool $powered): Netlist
    {
        [$first, $second, $signal] = ChannelNetlist::inputNodes($channel);
        [$volts, $ohms] = self::feed($channel, $input, $state);

        return $netlist
            ->source($first, Netlist::GROUND, $volts, $ohms, ChannelNetlist::DC)
            ->resistor($second, Netlist::GROUND, $input->groundOhms)
            ->source($signal, Netlist::GROUND, $powered ? $input->pullVolts : 0.0, $input->pullOhms, ChannelNetlist::DC)
            ->resistor($signal, Netlist::GROUND, $input->inputOhms);
    }
}
