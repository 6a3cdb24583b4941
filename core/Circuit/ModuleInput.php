<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;

/** What a channel's circuit does at the module's pins. */
final readonly class ModuleInput
{
    /**
     * @param  array<array-key, Channel>  $channels  this channel and all that leads join to it, by id
     * @param  array<array-key, int>  $levels  states of sensors by channel; the first where none is given
     */
    public static function at(string $id, array $channels, ElectricalState $state, array $levels = [], float $injects = 0.0): InputVoltages
    {
        $channel = $channels[$id];
        $circuit = LiveCircuit::of($channels, $state, Awake::ones($channels, $state, $levels), $injects)->solved();

        return ChannelParts::input($channel)->measured($circuit, $channel, $state);
    }

    /**
     * Voltage between the module's pins for each volt induced somewhere: the divider is linear, so this one figure serves
     * every speed.
     *
     * @param  array<array-key, Channel>  $channels
     * @param  string  $source  a channel whose sensor induces it, or what an injection calls its own
     */
    public static function voltsPerEmf(string $id, array $channels, ElectricalState $state, string $source): float
    {
        return self::perUnit($id, $channels, $state, Excitation::emf($source));
    }

    /**
     * Voltage between the module's pins for each volt that every metre of an untwisted cable picks up.
     *
     * @param  array<array-key, Channel>  $channels
     */
    public static function voltsPerPickUp(string $id, array $channels, ElectricalState $state): float
    {
        return self::perUnit($id, $channels, $state, Excitation::pickUp($id));
    }

    /** @param  array<array-key, Channel>  $channels */
    private static function perUnit(string $id, array $channels, ElectricalState $state, string $excitation): float
    {
        $pins = ChannelNetlist::inputNodes($channels[$id]);

        return abs(LiveCircuit::of($channels, $state)->solved()->perUnit($excitation, $pins[0], $pins[1]));
    }
}
