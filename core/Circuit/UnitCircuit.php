<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Signal\CopperResistance;
use Lernfall\Vehicle\Brakes\Coil;
use Lernfall\Vehicle\Brakes\RelayFeed;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Pads;

/**
 * The wires of the hydraulic unit, solved: windings share the contact of their relay and one ground, so what one valve gets depends on
 * which others are driven.
 *
 * Standing currents alone: how a current rises in a winding, and the pulses a driver limits it by, are left out.
 */
final readonly class UnitCircuit
{
    public const VALVE_SUPPLY = Pads::UNIT_FEEDS[0].'.supply';

    public const MOTOR = Pads::UNIT_FEEDS[1].'.supply';

    public const GROUND = Pads::UNIT_GROUND;

    private const TEST = 'test';

    private function __construct(private SolvedCircuit $solved, private UnitWiring $wiring, private float $celsius)
    {
    }

    /** @param  float  $celsius  of the windings */
    public static function of(UnitWiring $wiring, ElectricalState $state, UnitOrder $order, float $celsius): self
    {
        $netlist = ChannelNetlist::addBattery(Netlist::empty(), $state);
        $devices = self::add($netlist, $wiring, $state, $order, $celsius);

        return new self(new SolvedCircuit(NodalAnalysis::solve($netlist), $devices, self::TEST), $wiring, $celsius);
    }

    /**
     * Puts the unit, with leads that somebody has connected there, to a circuit that has the battery.
     *
     * @param  float  $celsius  of the windings
     * @return list<Device> its drivers that limit their current
     */
    public static function add(Netlist $netlist, UnitWiring $wiring, ElectricalState $state, UnitOrder $order, float $celsius): array
    {
        self::feed($netlist, Pads::UNIT_FEEDS[0], $wiring->valves, $order->valvesFed);
        self::feed($netlist, Pads::UNIT_FEEDS[1], $wiring->pump, $order->pump);
        $netlist->resistor(self::GROUND, Netlist::GROUND, $wiring->groundOhms + $wiring->rustOhms);
        if (! $wiring->motor->broken) {
            $netlist->resistor(self::MOTOR, self::GROUND, $wiring->motor->ohms);
        }
        foreach ($wiring->coils as $valve => $coil) {
            if (! $coil->broken) {
                $netlist->resistor(self::VALVE_SUPPLY, self::coilEnd($valve), self::ohms($coil, $celsius));
            }
        }
        foreach ($state->attached->atUnit() as $lead) {
            $netlist->resistor(ChannelNetlist::nodeOf($lead->first), ChannelNetlist::nodeOf($lead->second), $lead->ohms);
        }
        $drivers = [];
        foreach ($order->driven() as $valve => $position) {
            $drivers[] = self::drive($netlist, $wiring, $valve, $wiring->coils[$valve]->drivenAmperes[$position - 1]);
        }

        return array_values(array_filter($drivers, static fn (?Device $driver): bool => $driver !== null));
    }

    /** The end of a winding that the module's driver pulls to ground. */
    public static function coilEnd(string $valve): string
    {
        return Pads::UNIT_COIL.$valve;
    }

    /** Through a winding, in amperes. */
    public function amperes(string $valve): float
    {
        $coil = $this->wiring->coils[$valve];

        return $coil->broken ? 0.0 : $this->volts(self::VALVE_SUPPLY, self::coilEnd($valve)) / self::ohms($coil, $this->celsius);
    }

    /** Where a valve stands with the current it gets; 0 at rest. */
    public function position(string $valve): int
    {
        return $this->wiring->coils[$valve]->position($this->amperes($valve));
    }

    public function motorVolts(): float
    {
        return $this->volts(self::MOTOR, self::GROUND);
    }

    public function motorAmperes(): float
    {
        return $this->wiring->motor->broken ? 0.0 : $this->motorVolts() / $this->wiring->motor->ohms;
    }

    /** Between two pads, the first against the second. */
    public function volts(string $first, string $second): float
    {
        return $this->solved->voltsBetween($first, $second);
    }

    private static function feed(Netlist $netlist, string $name, RelayFeed $feed, bool $told): void
    {
        $netlist->resistor(Pads::BATTERY_POSITIVE, "$name.fuse.in", $feed->wireOhms);
        if (! $feed->fuseBlown) {
            $netlist->resistor("$name.fuse.in", "$name.fuse.out", $feed->contactOhms);
        }
        if ($feed->relay->isClosed($told)) {
            $netlist->resistor("$name.fuse.out", "$name.relay.out", $feed->relayContactOhms());
        }
        if (! $feed->wireBroken) {
            $netlist->resistor("$name.relay.out", "$name.supply", $feed->wireOhms);
        }
    }

    /** The driver of a valve: where it lets whatever flows through, a resistance; else a part with a current it does not exceed. */
    private static function drive(Netlist $netlist, UnitWiring $wiring, string $valve, float $mostAmperes): ?Device
    {
        $end = self::coilEnd($valve);
        if (is_infinite($mostAmperes)) {
            $netlist->resistor($end, self::GROUND, $wiring->driverOhms);

            return null;
        }
        $netlist->current($end, self::GROUND, 1.0, "driver.$valve");

        return new Device("driver.$valve", $end, self::GROUND, new CurrentLaw($mostAmperes, 0.0, $mostAmperes * $wiring->driverOhms, 0.0, $wiring->driverOhms));
    }

    private static function ohms(Coil $coil, float $celsius): float
    {
        return CopperResistance::at($celsius, $coil->ohms);
    }
}
