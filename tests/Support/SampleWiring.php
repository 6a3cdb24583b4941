<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Temperatures;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\Brakes\Coil;
use Lernfall\Vehicle\Brakes\PumpMotor;
use Lernfall\Vehicle\Brakes\RelayFeed;
use Lernfall\Vehicle\Brakes\UnitWiring;

/** Wires of a hydraulic unit with invented figures, with valves of three positions or with inlet and outlet valves of their own. */
final readonly class SampleWiring
{
    public const CHANNELS = ['FL', 'FR', 'RL', 'RR'];

    public static function threePositions(): UnitWiring
    {
        return self::with(array_fill_keys(array_map(static fn (string $channel): string => "$channel.valve", self::CHANNELS), new Coil(1.4, [1.2, 3.5], [2.0, 5.0])));
    }

    public static function separate(): UnitWiring
    {
        $coils = [];
        foreach (self::CHANNELS as $channel) {
            $coils["$channel.inlet"] = new Coil(8.0, [0.8], [INF]);
            $coils["$channel.outlet"] = new Coil(4.0, [1.4], [INF]);
        }
        foreach (['first', 'second'] as $circuit) {
            $coils["$circuit.isolation"] = new Coil(7.0, [0.9], [INF]);
            $coils["$circuit.priming"] = new Coil(5.0, [1.1], [INF]);
        }

        return self::with($coils);
    }

    public static function solved(UnitWiring $wiring, UnitOrder $order, float $volts = 12.5): UnitCircuit
    {
        return UnitCircuit::of($wiring, new ElectricalState(true, $volts, [], new Temperatures(20.0)), $order, 20.0);
    }

    /** @param  array<string, Coil>  $coils */
    private static function with(array $coils): UnitWiring
    {
        return new UnitWiring($coils, new RelayFeed(0.006, 0.004, 'F 31', 25.0), new RelayFeed(0.004, 0.003, 'F 30', 40.0), new PumpMotor(0.55, 6.0), 0.05, 0.004);
    }
}
