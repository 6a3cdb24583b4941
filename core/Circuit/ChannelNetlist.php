<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Conductor;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\Link;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Wire;

/**
 * The network of a speed channel between sensor and module, as the data sheet draws it.
 *
 * Assumes that coil, wires and input are resistive: inductance, wire capacitance and input filters are left out,
 * which holds below a few kilohertz of tooth frequency.
 */
final readonly class ChannelNetlist
{
    public const CONTACT_OHMS = Contact::LEAST_OHMS;

    /** Adds plugs, cables and the module's input. */
    public static function add(Netlist $netlist, Channel $channel, ElectricalState $state): Netlist
    {
        foreach (array_keys($channel->links) as $position) {
            $netlist = self::addLink($netlist, $channel, $position, $state);
        }

        return ChannelParts::input($channel)->addTo($netlist, $channel, $state);
    }

    /** Adds the battery, without which its poles are dead pads. */
    public static function addBattery(Netlist $netlist, ElectricalState $state): Netlist
    {
        return $netlist
            ->source(Pads::BATTERY_POSITIVE, Pads::BATTERY_NEGATIVE, $state->systemVolts, $state->batteryOhms, Excitation::DC)
            ->resistor(Pads::BATTERY_NEGATIVE, Netlist::GROUND, self::CONTACT_OHMS);
    }

    /** The node any pad touches. */
    public static function nodeOf(Pad $pad): string
    {
        return match (true) {
            $pad->onPlug => self::padNode($pad->channel, $pad->plugName, $pad->side, $pad->conductor),
            $pad->id === Pads::BODY => Netlist::GROUND,
            default => $pad->id,
        };
    }

    /** The node a pad touches. */
    public static function padNode(string $channelId, string $plugName, PadSide $side, string $conductor): string
    {
        return "$channelId.$plugName.$side->value.$conductor";
    }

    /**
     * The wire that leaves a plug at a pad.
     *
     * @return ?array{string, float} the node in its middle, and the ohms up to there, infinite where it is broken before;
     *                               null where something else than a wire sits at that side of the plug
     */
    public static function wireAt(Channel $channel, Pad $pad): ?array
    {
        foreach ($channel->links as $position => $link) {
            if (! $link instanceof Plug || $link->name() !== $pad->plugName) {
                continue;
            }
            $beside = $position + ($pad->side === PadSide::Wheel ? -1 : 1);
            $cable = $channel->links[$beside] ?? null;
            if (! $cable instanceof Cable) {
                return null;
            }
            $wire = $cable->wires[$pad->conductor];
            $middle = self::middle(self::outerEnd($channel, $beside, $pad->conductor), self::innerEnd($channel, $beside, $pad->conductor));

            return [$middle, $wire->broken && $pad->side === PadSide::Wheel ? INF : $wire->ohms() / 2.0];
        }

        return null;
    }

    /** @return list<string> the module's pins, by conductor */
    public static function inputNodes(Channel $channel): array
    {
        $plugs = $channel->plugs();
        $last = $plugs[count($plugs) - 1];

        return array_map(
            static fn (Conductor $conductor): string => self::padNode($channel->id, $last->name(), PadSide::Module, $conductor->id),
            $channel->conductors,
        );
    }

    /** @return list<string> the sensor's own ends, by conductor */
    public static function sensorNodes(Channel $channel): array
    {
        return array_map(static fn (Conductor $conductor): string => self::outerEnd($channel, 0, $conductor->id), $channel->conductors);
    }

    /** @return list<string> the loom's side of the first plug, by conductor */
    public static function loomNodes(Channel $channel): array
    {
        $first = $channel->plugs()[0];

        return array_map(
            static fn (Conductor $conductor): string => self::padNode($channel->id, $first->name(), PadSide::Module, $conductor->id),
            $channel->conductors,
        );
    }

    private static function addLink(Netlist $netlist, Channel $channel, int $position, ElectricalState $state): Netlist
    {
        $link = $channel->links[$position];

        return match (true) {
            $link instanceof Plug => in_array($link->plugId, $state->openPlugs, true) ? $netlist : self::addPlug($netlist, $channel, $position, $link),
            $link instanceof Cable => self::addCable($netlist, $channel, $position, $link, $state),
            default => $netlist,
        };
    }

    private static function addPlug(Netlist $netlist, Channel $channel, int $position, Plug $plug): Netlist
    {
        foreach ($channel->conductors as $index => $conductor) {
            $contact = $plug->contacts[$conductor->id];
            if ($contact->touches) {
                $beyond = $channel->conductors[$plug->crossed && $index < 2 ? 1 - $index : $index];
                $netlist = $netlist->resistor(self::outerEnd($channel, $position, $conductor->id), self::innerEnd($channel, $position, $beyond->id), $contact->ohms);
            }
        }

        return $netlist;
    }

    private static function addCable(Netlist $netlist, Channel $channel, int $position, Cable $cable, ElectricalState $state): Netlist
    {
        $middles = [];
        foreach ($channel->conductors as $index => $conductor) {
            $outer = self::outerEnd($channel, $position, $conductor->id);
            $inner = self::innerEnd($channel, $position, $conductor->id);
            $middles[] = $middle = self::middle($outer, $inner);
            $netlist = self::addWire($netlist, $cable->wires[$conductor->id], $outer, $middle, $inner, $state);
            if (! $cable->twisted && $index < 2) {
                $netlist = self::addPickUp($netlist, $channel, $cable->wires[$conductor->id], $index === 0 ? [$outer, $middle] : [$middle, $outer]);
            }
        }

        return $cable->bridgeOhms === null ? $netlist : $netlist->resistor($middles[0], $middles[1], $cable->bridgeOhms);
    }

    /**
     * What passes through the loop of two wires side by side acts along the loop (Faraday's law), one half in each of them.
     *
     * @param  array{string, string}  $half  from one end of half a wire to the other, along the loop
     */
    private static function addPickUp(Netlist $netlist, Channel $channel, Wire $wire, array $half): Netlist
    {
        $volts = $wire->lengthMetres / 2.0;

        return $netlist->current($half[0], $half[1], $volts / ($wire->ohms() / 2.0), Excitation::pickUp($channel->id));
    }

    private static function middle(string $outer, string $inner): string
    {
        return "$outer~$inner";
    }

    private static function addWire(Netlist $netlist, Wire $wire, string $outer, string $middle, string $inner, ElectricalState $state): Netlist
    {
        $half = $wire->ohms() / 2.0;
        $netlist = $netlist->resistor($outer, $middle, $half);
        if (! $wire->broken) {
            $netlist = $netlist->resistor($middle, $inner, $half);
        }
        foreach ($wire->leaks as $leak) {
            $netlist = $netlist->source($middle, Netlist::GROUND, $leak->toSupply ? $state->systemVolts : 0.0, $leak->ohms, Excitation::DC);
        }

        return $netlist;
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
