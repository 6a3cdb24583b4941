<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Vehicle\BrakeParts;

/**
 * Vehicle files of an earlier format, as published cases hold them, brought to the present one.
 *
 * Format 1 knew no supply path, no encoders, one length of pulse, a gap that never moved, and no places of parts.
 * What it left out is filled in with a supply that loses next to nothing and a gap that stays where it is.
 * Format 2 warmed the hubs fully on every drive and started every engine: hubs get a usual time constant, engines still start.
 * Format 3 had no hydraulic unit: whatever has valves gets a usual one.
 */
final readonly class OlderVehicle
{
    public const FORMAT = 'lernfall-vehicle/1';

    public const SECOND_FORMAT = 'lernfall-vehicle/2';

    public const THIRD_FORMAT = 'lernfall-vehicle/3';

    private const FEED = [
        'fuse' => 'F 1', 'fuseAmperes' => 10, 'supplyPin' => '–', 'groundPin' => '–', 'wireOhms' => 0.001, 'contactOhms' => 0.001,
        'groundOhms' => 0.001, 'moduleOhms' => 36, 'leastVolts' => 8.8,
    ];

    private const PLACES = [
        'module' => ['along' => 0.85, 'across' => 0.5], 'fuses' => ['along' => 0.72, 'across' => 0.15],
        'battery' => ['along' => 0.9, 'across' => 0.75], 'ground' => ['along' => 0.82, 'across' => 0.2],
    ];

    public static function upgraded(mixed $document): mixed
    {
        return self::fromThird(self::fromSecond(self::fromFirst($document)));
    }

    private static function fromFirst(mixed $document): mixed
    {
        if (! is_array($document) || ($document['format'] ?? null) !== self::FORMAT) {
            return $document;
        }
        $channels = is_array($document['channels'] ?? null) ? $document['channels'] : [];
        $module = is_array($document['module'] ?? null) ? $document['module'] : [];

        return [
            ...$document,
            'format' => self::SECOND_FORMAT,
            'channels' => array_map(self::channel(...), $channels),
            'module' => $module + ['feed' => self::FEED],
            'gapShift' => ['micrometresPerKelvin' => 0, 'atLockMillimetres' => 0],
            'places' => self::PLACES,
        ];
    }

    private static function fromSecond(mixed $document): mixed
    {
        if (! is_array($document) || ($document['format'] ?? null) !== self::SECOND_FORMAT) {
            return $document;
        }
        $module = is_array($document['module'] ?? null) ? $document['module'] : [];
        if (is_array($module['lampCodes'] ?? null) && is_array($module['lampCodes']['checkMode'] ?? null)) {
            $module['lampCodes']['checkMode'] += ['levelWithinKilometresPerHour' => 2, 'steadyWithinKilometresPerHour' => 5];
        }
        $supply = is_array($document['supply'] ?? null) ? ['supply' => $document['supply'] + ['cranksFromVolts' => 0]] : [];

        return [...$document, 'format' => self::THIRD_FORMAT, 'hubRiseAtKilometresPerHour' => 60, 'hubWarmUpMinutes' => 6, 'module' => $module, ...$supply];
    }

    private static function fromThird(mixed $document): mixed
    {
        if (! is_array($document) || ($document['format'] ?? null) !== self::THIRD_FORMAT) {
            return $document;
        }
        $parts = is_array($document['brakeParts'] ?? null) ? $document['brakeParts'] : [];
        $hasValves = array_filter($parts, static fn (mixed $part): bool => is_string($part) && ($part === BrakeParts::PUMP || str_starts_with($part, 'valves.'))) !== [];
        $channels = is_array($document['channels'] ?? null) ? $document['channels'] : [];

        return [...$document, 'format' => VehicleReader::FORMAT, ...($hasValves ? ['hydraulicUnit' => UsualUnit::of($channels)] : [])];
    }

    private static function channel(mixed $channel): mixed
    {
        if (! is_array($channel)) {
            return $channel;
        }
        $ring = is_array($channel['ring'] ?? null) ? $channel['ring'] : [];
        $sensor = is_array($channel['sensor'] ?? null) ? $channel['sensor'] : [];
        if (is_numeric($sensor['pulseMicroseconds'] ?? null)) {
            $length = $sensor['pulseMicroseconds'];
            $sensor['pulses'] = [
                'forwardMicroseconds' => $length, 'backwardMicroseconds' => $length, 'weakMicroseconds' => $length, 'weakFromShare' => 1,
                'standstillMicroseconds' => $length, 'standstillEveryMilliseconds' => 1000000,
            ];
            unset($sensor['pulseMicroseconds']);
        }

        return [...$channel, 'ring' => $ring + ['encoder' => false], 'sensor' => $sensor];
    }
}
