<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Signal\CopperResistance;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\SwitchSensor;

/** The sensor of a channel as the circuit sees it. */
final readonly class SensorElement
{
    /** A dead short inside. */
    private const SHORT_OHMS = 2.0;

    /** The excitation of one volt induced in the coil of a channel. */
    public static function emf(string $channelId): string
    {
        return "emf.$channelId";
    }

    /** Coil, resistors and leaks: everything that follows Ohm's law. */
    public static function add(Netlist $netlist, Channel $channel, ElectricalState $state, bool $tooth): Netlist
    {
        $sensor = $channel->sensor;
        $ends = ChannelNetlist::sensorNodes($channel);

        return match (true) {
            $sensor instanceof PassiveSensor => self::coil($netlist, $channel, $sensor, $ends, $state),
            $sensor instanceof CurrentSensor => $netlist->resistor($ends[0], $ends[1], $sensor->electronics === Electronics::Shorted ? self::SHORT_OHMS : $sensor->leakOhms),
            $sensor instanceof SwitchSensor => self::output($netlist, $sensor, $ends, $tooth),
            default => $netlist,
        };
    }

    /** The part that does not follow Ohm's law, where the sensor has one. */
    public static function device(Channel $channel, bool $tooth): ?Device
    {
        if (! $channel->sensor instanceof CurrentSensor) {
            return null;
        }
        $ends = ChannelNetlist::sensorNodes($channel);

        return new Device("device.$channel->id", $ends[0], $ends[1], new CurrentLaw($channel->sensor, $tooth));
    }

    /** @param  list<string>  $ends */
    private static function coil(Netlist $netlist, Channel $channel, PassiveSensor $sensor, array $ends, ElectricalState $state): Netlist
    {
        if ($sensor->coilBroken) {
            return $netlist;
        }
        $ohms = CopperResistance::at($state->hubCelsius, $sensor->coilOhmsAt20Celsius);
        if ($sensor->housingLeakOhms === null) {
            return $netlist->source($ends[0], $ends[1], 1.0, $ohms, self::emf($channel->id));
        }
        $middle = "$channel->id.coil.middle";

        return $netlist
            ->source($ends[0], $middle, 0.5, $ohms / 2.0, self::emf($channel->id))
            ->source($middle, $ends[1], 0.5, $ohms / 2.0, self::emf($channel->id))
            ->resistor($middle, Netlist::GROUND, $sensor->housingLeakOhms);
    }

    /** @param  list<string>  $ends */
    private static function output(Netlist $netlist, SwitchSensor $sensor, array $ends, bool $tooth): Netlist
    {
        if ($sensor->electronics === Electronics::Dead) {
            return $netlist;
        }
        if ($sensor->electronics === Electronics::Shorted) {
            return $netlist->resistor($ends[0], $ends[1], self::SHORT_OHMS);
        }
        $netlist = $netlist->resistor($ends[0], $ends[1], $sensor->consumptionOhms);

        return $tooth ? $netlist->resistor($ends[2], $sensor->sinks ? $ends[1] : $ends[0], $sensor->onOhms) : $netlist;
    }
}
