<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Signal\CopperResistance;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\InputStage;
use Lernfall\Vehicle\Link;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Supply;

/**
 * The network of a passive speed channel, from coil to module input, as the data sheet draws it.
 *
 * Assumes that coil, wires and input are resistive: inductance, wire capacitance and input filters are left out,
 * which holds below a few kilohertz of tooth frequency.
 */
final readonly class ChannelNetlist
{
    public const DC = 'dc';

    public const AC = 'ac';

    /**
     * Adds the channel to a network.
     *
     * @param  float  $signalPeakVolts  what the coil induces, for the excitation "ac"
     */
    public static function add(Netlist $netlist, Channel $channel, InputStage $input, ElectricalState $state, float $signalPeakVolts): Netlist
    {
        $netlist = self::addCoil($netlist, $channel, $state, $signalPeakVolts);
        foreach (array_keys($channel->links) as $position) {
            $netlist = self::addLink($netlist, $channel, $position, $state);
        }

        return self::addInput($netlist, $channel, $input, $state);
    }

    /** Adds the battery, without which its poles are dead pads. */
    public static function addBattery(Netlist $netlist, Supply $supply, ElectricalState $state): Netlist
    {
        return $netlist->source(
            'battery.positive',
            'battery.negative',
            $state->engineRunning ? $supply->chargingVolts : $supply->batteryVolts,
            $supply->internalOhms,
            self::DC,
        )->resistor('battery.negative', Netlist::GROUND, 0.001);
    }

    /** The node a pad touches. */
    public static function padNode(string $channelId, string $plugName, PadSide $side, string $conductor): string
    {
        return "$channelId.$plugName.$side->value.$conductor";
    }

    public static function inputNode(Channel $channel, int $conductor): string
    {
        $plugs = $channel->plugs();
        $last = $plugs[count($plugs) - 1];

        return self::padNode($channel->id, $last->name(), PadSide::Module, $channel->conductors[$conductor]->id);
    }

    private static function addCoil(Netlist $netlist, Channel $channel, ElectricalState $state, float $signalPeakVolts): Netlist
    {
        if ($channel->sensor->coilBroken) {
            return $netlist;
        }
        $ends = array_map(
            static fn (int $conductor): string => self::outerEnd($channel, 0, $channel->conductors[$conductor]->id),
            [0, 1],
        );

        return $netlist->source(
            $ends[0],
            $ends[1],
            $signalPeakVolts,
            CopperResistance::at($state->hubCelsius, $channel->sensor->coilOhmsAt20Celsius),
            self::AC,
        );
    }

    private static function addLink(Netlist $netlist, Channel $channel, int $position, ElectricalState $state): Netlist
    {
        $link = $channel->links[$position];
        foreach ($channel->conductors as $conductor) {
            $outer = self::outerEnd($channel, $position, $conductor->id);
            $inner = self::innerEnd($channel, $position, $conductor->id);
            if ($link instanceof Plug && ! in_array($link->plugId, $state->openPlugs, true)) {
                $netlist = $netlist->resistor($outer, $inner, $link->contacts[$conductor->id]->ohms);
            }
            if ($link instanceof Cable) {
                $netlist = self::addWire($netlist, $link, $conductor->id, $outer, $inner);
            }
        }

        return $netlist;
    }

    private static function addWire(Netlist $netlist, Cable $cable, string $conductor, string $outer, string $inner): Netlist
    {
        $wire = $cable->wires[$conductor];
        $middle = "$outer~$inner";
        $half = $wire->ohms() / 2.0;
        $netlist = $netlist->resistor($outer, $middle, $half);
        if (! $wire->broken) {
            $netlist = $netlist->resistor($middle, $inner, $half);
        }
        foreach ($wire->leaks as $leak) {
            $netlist = $netlist->resistor($middle, Netlist::GROUND, $leak->ohmsToGround);
        }

        return $netlist;
    }

    private static function addInput(Netlist $netlist, Channel $channel, InputStage $input, ElectricalState $state): Netlist
    {
        $first = self::inputNode($channel, 0);
        $second = self::inputNode($channel, 1);
        $rail = "$channel->id.rail";
        $powered = $state->ignitionOn && ! self::moduleUnplugged($channel, $state);

        return $netlist
            ->source($rail, Netlist::GROUND, $powered ? $input->biasVolts : 0.0, $powered ? $input->railOhmsOn : $input->railOhmsOff, self::DC)
            ->resistor($rail, $first, $input->pullUpOhms)
            ->resistor($second, Netlist::GROUND, $input->pullDownOhms)
            ->resistor($first, $second, $input->acrossOhms);
    }

    private static function moduleUnplugged(Channel $channel, ElectricalState $state): bool
    {
        $plugs = $channel->plugs();

        return in_array($plugs[count($plugs) - 1]->plugId, $state->openPlugs, true);
    }

    /** The node at the wheel end of a link: its own pad for a plug, the neighbour's for a cable. */
    private static function outerEnd(Channel $channel, int $position, string $conductor): string
    {
        $link = $channel->links[$position];

        return $link instanceof Plug
            ? self::padNode($channel->id, $link->name(), PadSide::Wheel, $conductor)
            : self::junction($channel, $position - 1, PadSide::Module, $conductor, $link);
    }

    private static function innerEnd(Channel $channel, int $position, string $conductor): string
    {
        $link = $channel->links[$position];

        return $link instanceof Plug
            ? self::padNode($channel->id, $link->name(), PadSide::Module, $conductor)
            : self::junction($channel, $position + 1, PadSide::Wheel, $conductor, $link);
    }

    private static function junction(Channel $channel, int $neighbour, PadSide $side, string $conductor, Link $cable): string
    {
        $link = $channel->links[$neighbour] ?? null;

        return $link instanceof Plug
            ? self::padNode($channel->id, $link->name(), $side, $conductor)
            : "$channel->id.{$cable->name()}.end.$conductor";
    }
}
