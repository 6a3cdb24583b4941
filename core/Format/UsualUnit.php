<?php

declare(strict_types=1);

namespace Lernfall\Format;

/**
 * A hydraulic unit as many cars have it, for vehicle files of a time when none was described: inlet and outlet valves of their own, circuits that cross the car,
 * invented figures of a small car.
 */
final readonly class UsualUnit
{
    /** A fuse that a vehicle file gives no name, and ratings where it gives none. */
    public const NO_NAME = '–';

    public const VALVE_FUSE_AMPERES = 25.0;

    public const PUMP_FUSE_AMPERES = 40.0;

    private const CIRCUIT = ['accumulatorCubicCentimetres' => 2, 'preloadBar' => 0.3, 'accumulatorBarPerCubicCentimetre' => 0.8, 'pumpCubicCentimetresPerSecond' => 3.5, 'reliefBar' => 140];

    private const BRAKES = [
        'front' => ['closingCubicCentimetres' => 0.5, 'bendBar' => 8, 'stretchCubicCentimetresPerBar' => 0.0065, 'newtonMetresPerBar' => 20, 'pushOutBar' => 0.5, 'inletFlow' => 0.98, 'outletFlow' => 0.9, 'checkFlow' => 1.2],
        'rear' => ['closingCubicCentimetres' => 0.25, 'bendBar' => 8, 'stretchCubicCentimetresPerBar' => 0.003, 'newtonMetresPerBar' => 8.5, 'pushOutBar' => 0.5, 'inletFlow' => 0.45, 'outletFlow' => 0.42, 'checkFlow' => 0.8],
    ];

    private const COILS = ['inlet' => ['ohms' => 8, 'movesAtAmperes' => [0.8]], 'outlet' => ['ohms' => 4, 'movesAtAmperes' => [1.4]]];

    private const REST = [
        'masterCylinder' => ['boreSquareCentimetres' => 3.8, 'pedalRatio' => 4, 'assistance' => 4, 'assistedBar' => 80, 'pedalCentimetres' => 13],
        'valveFeed' => ['wireOhms' => 0.006, 'contactOhms' => 0.004], 'pumpFeed' => ['wireOhms' => 0.004, 'contactOhms' => 0.003],
        'motorOhms' => 0.55, 'motorTurnsFromVolts' => 6, 'driverOhms' => 0.05, 'groundOhms' => 0.004,
    ];

    /**
     * @param  array<array-key, mixed>  $channels  as a vehicle file has them
     * @return array<string, mixed> as a vehicle file has it
     */
    public static function of(array $channels): array
    {
        $brakes = $coils = [];
        foreach ($channels as $id => $channel) {
            [$axle, $side] = is_array($channel) ? [$channel['axle'] ?? null, $channel['side'] ?? null] : [null, null];
            $isFirst = ($axle === 'front') === ($side === 'left');
            $brakes[$id] = ['circuit' => $isFirst ? 'first' : 'second'] + self::BRAKES[$axle === 'front' ? 'front' : 'rear'];
            $coils["$id.inlet"] = self::COILS['inlet'];
            $coils["$id.outlet"] = self::COILS['outlet'];
        }

        return ['circuits' => ['first' => self::CIRCUIT, 'second' => self::CIRCUIT], 'brakes' => $brakes, 'coils' => $coils] + self::REST;
    }
}
