<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Closure;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\Coil;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\MasterCylinder;
use Lernfall\Vehicle\Brakes\PumpMotor;
use Lernfall\Vehicle\Brakes\RelayFeed;
use Lernfall\Vehicle\Brakes\UnitDesign;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Brakes\Valve;
use Lernfall\Vehicle\Brakes\VolumeCurve;
use Lernfall\Vehicle\Brakes\WheelBrake;
use Lernfall\Vehicle\Brakes\WheelLine;

/** Reads the hydraulic unit of a vehicle. Flows there are cubic centimetres a second at one bar. */
final readonly class BrakeUnitReader
{
    /**
     * @param  list<string>  $channels  with valves of their own: each has a brake there and its windings
     *
     * @throws InvalidDocument
     */
    public static function read(Node $node, array $channels): BrakeUnit
    {
        $circuits = self::circuits($node);
        $brakes = [];
        foreach ($node->entries('brakes') as $channel => $brake) {
            if (! isset($circuits[$brake->text('circuit')])) {
                throw $brake->at('circuit')->noneOf(array_map(strval(...), array_keys($circuits)));
            }
            $brakes[(string) $channel] = $brake->built(self::line(...));
        }
        foreach ($channels as $channel) {
            $node->at('brakes')->at($channel);
            foreach ($node->at('coils')->has("$channel.valve") ? ['valve'] : ['inlet', 'outlet'] as $valve) {
                $node->at('coils')->at("$channel.$valve");
            }
        }

        return new BrakeUnit(
            new HydraulicUnit($brakes, $circuits),
            $node->built(self::wiring(...)),
            $node->at('masterCylinder')->built(static fn (Node $master): MasterCylinder => new MasterCylinder(
                $master->float('boreSquareCentimetres'), $master->float('pedalRatio'), $master->float('assistance'), $master->float('assistedBar'), $master->float('pedalCentimetres'),
            )),
            new UnitDesign(
                self::bleedingOrder($node, array_map(strval(...), array_keys($brakes))), $node->has('integrated') && $node->bool('integrated'), ! $node->has('coded') || $node->bool('coded'),
            ),
        );
    }

    /**
     * @param  list<string>  $channels  with a brake
     * @return list<string>
     */
    private static function bleedingOrder(Node $node, array $channels): array
    {
        $order = $node->has('bleedingOrder') ? $node->texts('bleedingOrder') : [];
        foreach ($order as $place => $channel) {
            if (! in_array($channel, $channels, true)) {
                throw $node->at('bleedingOrder')->at($place)->noneOf($channels);
            }
        }

        return $order;
    }

    /** @return array<string, BrakeCircuit> */
    private static function circuits(Node $node): array
    {
        $circuits = [];
        foreach ($node->entries('circuits') as $name => $circuit) {
            $circuits[(string) $name] = $circuit->built(static fn (Node $here): BrakeCircuit => new BrakeCircuit(
                $here->float('accumulatorCubicCentimetres'), $here->float('preloadBar'), $here->float('accumulatorBarPerCubicCentimetre'),
                $here->float('pumpCubicCentimetresPerSecond'), $here->float('reliefBar'),
                $here->has('isolationFlow') ? new Valve($here->float('isolationFlow')) : null,
                $here->has('primingFlow') ? new Valve($here->float('primingFlow')) : null,
            ));
        }

        return $circuits;
    }

    private static function line(Node $node): WheelLine
    {
        $volume = new VolumeCurve($node->float('closingCubicCentimetres'), $node->float('bendBar'), $node->float('stretchCubicCentimetresPerBar'));

        return new WheelLine(
            $node->text('circuit'), new Valve($node->float('inletFlow')), new Valve($node->float('outletFlow')), $node->float('checkFlow'),
            new WheelBrake($volume, $node->float('newtonMetresPerBar'), $node->float('pushOutBar')),
        );
    }

    private static function wiring(Node $node): UnitWiring
    {
        $coils = [];
        foreach ($node->entries('coils') as $valve => $coil) {
            $coils[(string) $valve] = $coil->built(static fn (Node $here): Coil => self::coil($here, str_ends_with((string) $valve, '.valve') ? 2 : 1));
        }
        $feed = static fn (float $usualAmperes): Closure => static fn (Node $here): RelayFeed => new RelayFeed(
            $here->float('wireOhms'), $here->float('contactOhms'), $here->has('fuse') ? $here->text('fuse') : UsualUnit::NO_NAME, $here->has('fuseAmperes') ? $here->float('fuseAmperes') : $usualAmperes,
        );

        return new UnitWiring(
            $coils, $node->at('valveFeed')->built($feed(UsualUnit::VALVE_FUSE_AMPERES)), $node->at('pumpFeed')->built($feed(UsualUnit::PUMP_FUSE_AMPERES)),
            new PumpMotor($node->float('motorOhms'), $node->float('motorTurnsFromVolts')), $node->float('driverOhms'), $node->float('groundOhms'),
        );
    }

    /** Where no current is named that the module drives it with, as much flows as will. */
    private static function coil(Node $node, int $positions): Coil
    {
        $moves = self::amperes($node, 'movesAtAmperes', $positions);
        $driven = $node->has('drivenAmperes') ? self::amperes($node, 'drivenAmperes', $positions) : array_map(static fn (): float => INF, $moves);

        return new Coil($node->float('ohms'), $moves, $driven);
    }

    /** @return non-empty-list<float> one for each position; what is missing is named */
    private static function amperes(Node $node, string $name, int $positions): array
    {
        $list = $node->at($name);
        $amperes = [$list->float(0)];
        for ($position = 1; $position < $positions; $position++) {
            $amperes[] = $list->float($position);
        }

        return $amperes;
    }
}
