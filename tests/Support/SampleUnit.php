<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\MasterCylinder;
use Lernfall\Vehicle\Brakes\Valve;
use Lernfall\Vehicle\Brakes\VolumeCurve;
use Lernfall\Vehicle\Brakes\WheelBrake;
use Lernfall\Vehicle\Brakes\WheelLine;

/** A hydraulic unit of invented figures: two diagonal circuits, the front ones with isolation and priming valves. */
final readonly class SampleUnit
{
    public const FRONT = ['closing' => 0.5, 'bend' => 8.0, 'stretch' => 0.0065, 'inlet' => 0.98, 'outlet' => 0.90];

    public const REAR = ['closing' => 0.25, 'bend' => 8.0, 'stretch' => 0.003, 'inlet' => 0.45, 'outlet' => 0.42];

    public const CHECK = 1.2;

    public const CIRCUIT = ['capacity' => 2.0, 'preload' => 0.3, 'spring' => 0.8, 'pump' => 3.5, 'relief' => 140.0];

    public static function make(): HydraulicUnit
    {
        $circuit = new BrakeCircuit(self::CIRCUIT['capacity'], self::CIRCUIT['preload'], self::CIRCUIT['spring'], self::CIRCUIT['pump'], self::CIRCUIT['relief'], new Valve(4.0), new Valve(4.0));

        return new HydraulicUnit([
            'FL' => self::line('first', self::FRONT, 20.0),
            'FR' => self::line('second', self::FRONT, 20.0),
            'RL' => self::line('second', self::REAR, 8.5),
            'RR' => self::line('first', self::REAR, 8.5),
        ], ['first' => $circuit, 'second' => $circuit]);
    }

    public static function master(): MasterCylinder
    {
        return new MasterCylinder(3.8, 4.0, 4.0, 80.0, 13.0);
    }

    /**
     * With a line, valves or brake of one wheel otherwise.
     *
     * @param  array<string, mixed>  $differs  by argument of WheelLine
     */
    public static function with(string $channel, array $differs): HydraulicUnit
    {
        $unit = self::make();
        $line = $unit->wheels[$channel];

        return $unit->withWheel($channel, new WheelLine(...[...get_object_vars($line), ...$differs]));
    }

    /**
     * With a circuit otherwise.
     *
     * @param  array<string, mixed>  $differs  by argument of BrakeCircuit
     */
    public static function withCircuit(string $name, array $differs): HydraulicUnit
    {
        $unit = self::make();

        return $unit->withCircuit($name, new BrakeCircuit(...[...get_object_vars($unit->circuits[$name]), ...$differs]));
    }

    /** @param  array{closing: float, bend: float, stretch: float, inlet: float, outlet: float}  $of */
    private static function line(string $circuit, array $of, float $newtonMetresPerBar): WheelLine
    {
        return new WheelLine($circuit, new Valve($of['inlet']), new Valve($of['outlet']), self::CHECK, new WheelBrake(new VolumeCurve($of['closing'], $of['bend'], $of['stretch']), $newtonMetresPerBar, 0.5));
    }
}
