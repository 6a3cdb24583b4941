<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\Inspection\Appearance\SensorTip;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Conductor;
use Lernfall\Vehicle\NominalValue;
use Lernfall\Vehicle\NominalValues;
use Lernfall\Vehicle\Place;
use Lernfall\Vehicle\Vehicle;
use OpenApi\Attributes as OA;

/** What the maker's sheet says, for those who looked it up. Made from the sound vehicle. */
#[OA\Schema(schema: 'DataSheet', required: ['tyre', 'batteryVolts', 'feed', 'places', 'axles', 'channels', 'codes', 'lampCodes', 'unit'], properties: [
    new OA\Property(property: 'unit', oneOf: [new OA\Schema(ref: '#/components/schemas/UnitSheet'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'tyre', type: 'string'),
    new OA\Property(property: 'batteryVolts', type: 'number'),
    new OA\Property(property: 'feed', ref: '#/components/schemas/Feed'),
    new OA\Property(property: 'places', description: 'where parts sit, from above', type: 'array', items: new OA\Items(ref: '#/components/schemas/Place')),
    new OA\Property(property: 'axles', type: 'array', items: new OA\Items(ref: '#/components/schemas/NominalValues')),
    new OA\Property(property: 'channels', type: 'array', items: new OA\Items(ref: '#/components/schemas/Wiring')),
    new OA\Property(property: 'codes', type: 'array', items: new OA\Items(ref: '#/components/schemas/CodeMeaning')),
    new OA\Property(property: 'lampCodes', oneOf: [new OA\Schema(ref: '#/components/schemas/LampCodeRules'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'UnitSheet', required: ['windings', 'amperes', 'motorAmperes', 'bleedingOrder'], properties: [
    new OA\Property(property: 'windings', description: 'by kind of valve, in ohms at 20 °C', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    new OA\Property(property: 'amperes', description: 'by kind of valve with several positions, what the module drives it with', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'number'))),
    new OA\Property(property: 'motorAmperes', type: 'number'),
    new OA\Property(property: 'bleedingOrder', description: 'wheels; empty where the maker gives none', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'CodeMeaning', required: ['code', 'channel', 'port', 'own', 'failures'], properties: [
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'channel', description: 'or another part that has a code', type: 'string'),
    new OA\Property(property: 'port', description: 'label at the module that the code names instead of a wheel, or empty', type: 'string'),
    new OA\Property(property: 'own', description: 'the maker\'s own number, or empty', type: 'string'),
    new OA\Property(property: 'failures', type: 'array', items: new OA\Items(type: 'string')),
])]
#[OA\Schema(schema: 'LampCodeRules', required: ['clearPresses', 'clearWithinSeconds', 'check', 'cycle'], properties: [
    new OA\Property(property: 'clearPresses', description: '0 where the pedal clears nothing', type: 'integer'),
    new OA\Property(property: 'clearWithinSeconds', type: 'number'),
    new OA\Property(property: 'check', oneOf: [new OA\Schema(ref: '#/components/schemas/CheckModeRules'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'cycle', oneOf: [new OA\Schema(ref: '#/components/schemas/PowerCycleRules'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'CheckModeRules', required: ['presses', 'withinSeconds', 'leavesAfterPresses', 'levelKilometresPerHour', 'levelWithinKilometresPerHour', 'steadyKilometresPerHour', 'steadyWithinKilometresPerHour', 'levelCodes', 'steadyCodes'], properties: [
    new OA\Property(property: 'presses', type: 'integer'),
    new OA\Property(property: 'withinSeconds', type: 'number'),
    new OA\Property(property: 'leavesAfterPresses', type: 'integer'),
    new OA\Property(property: 'levelKilometresPerHour', type: 'number'),
    new OA\Property(property: 'levelWithinKilometresPerHour', description: 'how far off it may be held', type: 'number'),
    new OA\Property(property: 'steadyWithinKilometresPerHour', type: 'number'),
    new OA\Property(property: 'steadyKilometresPerHour', type: 'number'),
    new OA\Property(property: 'levelCodes', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'steadyCodes', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
])]
#[OA\Schema(schema: 'PowerCycleRules', required: ['onSeconds', 'offSeconds', 'clearOnSeconds'], properties: [
    new OA\Property(property: 'clearOnSeconds', description: '0 where no cycle clears', type: 'number'),
    new OA\Property(property: 'onSeconds', type: 'number'),
    new OA\Property(property: 'offSeconds', type: 'number'),
])]
#[OA\Schema(schema: 'Feed', required: ['fuse', 'fuseAmperes', 'supplyPin', 'groundPin'], properties: [
    new OA\Property(property: 'fuse', type: 'string'),
    new OA\Property(property: 'fuseAmperes', type: 'number'),
    new OA\Property(property: 'supplyPin', type: 'string'),
    new OA\Property(property: 'groundPin', type: 'string'),
])]
#[OA\Schema(schema: 'Place', required: ['part', 'along', 'across'], properties: [
    new OA\Property(property: 'part', type: 'string'),
    new OA\Property(property: 'along', description: '0 at the tail, 1 at the nose', type: 'number'),
    new OA\Property(property: 'across', description: '0 on the left, 1 on the right, as seen from the seat', type: 'number'),
])]
#[OA\Schema(schema: 'NominalValues', required: ['axle', 'technology', 'stamp', 'teeth', 'gapSetting', 'values'], properties: [
    new OA\Property(property: 'axle', type: 'string'),
    new OA\Property(property: 'technology', type: 'string'),
    new OA\Property(property: 'stamp', description: 'the number on the sensor that belongs there', type: 'string'),
    new OA\Property(property: 'teeth', type: 'integer'),
    new OA\Property(property: 'gapSetting', type: 'string', enum: ['gauge', 'push', 'fixed']),
    new OA\Property(property: 'values', type: 'array', items: new OA\Items(ref: '#/components/schemas/NominalValue')),
])]
#[OA\Schema(schema: 'NominalValue', required: ['what', 'least', 'greatest', 'unit', 'atTurnsPerSecond'], properties: [
    new OA\Property(property: 'what', type: 'string'),
    new OA\Property(property: 'least', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'greatest', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'unit', type: 'string'),
    new OA\Property(property: 'atTurnsPerSecond', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'Wiring', required: ['channel', 'cableMetres', 'conductors'], properties: [
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'cableMetres', description: 'length by name of the cable', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    new OA\Property(property: 'conductors', type: 'array', items: new OA\Items(ref: '#/components/schemas/Conductor')),
])]
#[OA\Schema(schema: 'Conductor', required: ['id', 'colour', 'sensorPin', 'modulePin', 'function'], properties: [
    new OA\Property(property: 'function', description: 'what the wire does', type: 'string', enum: ['coil', 'supply', 'return', 'ground', 'signal']),
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'colour', type: 'string'),
    new OA\Property(property: 'sensorPin', type: 'string'),
    new OA\Property(property: 'modulePin', type: 'string'),
])]
final readonly class DataSheetResource
{
    /** @return array<string, mixed> */
    public static function of(Vehicle $sound): array
    {
        return [
            'unit' => UnitSheet::of($sound),
            'tyre' => $sound->tyre->size,
            'batteryVolts' => $sound->power->supply->batteryVolts,
            'feed' => [
                'fuse' => $sound->power->feed->fuse, 'fuseAmperes' => $sound->power->feed->fuseAmperes,
                'supplyPin' => $sound->power->feed->supplyPin, 'groundPin' => $sound->power->feed->groundPin,
            ],
            'places' => array_map(static fn (Place $place): array => ['part' => $place->part, 'along' => $place->along, 'across' => $place->across], $sound->model->places),
            'axles' => array_map(
                static fn (string $axle, NominalValues $values): array => self::axle($sound, $axle, $values),
                array_map(strval(...), array_keys($sound->model->dataSheet)),
                $sound->model->dataSheet,
            ),
            'channels' => array_map(self::wiring(...), $sound->channels),
            ...CodeSheet::of($sound),
        ];
    }

    /** @return array<string, mixed> */
    private static function axle(Vehicle $sound, string $axle, NominalValues $values): array
    {
        $channel = array_values(array_filter($sound->channels, static fn (Channel $one): bool => $one->place->axle === $axle))[0];

        return [
            'axle' => $axle,
            'technology' => $channel->sensor->technology(),
            'stamp' => SensorTip::stamp($sound, $axle),
            'teeth' => $channel->wheelEnd->ring->teeth,
            'gapSetting' => $values->gapSetting->value,
            'values' => array_map(static fn (NominalValue $one): array => [
                'what' => $one->what, 'least' => $one->least, 'greatest' => $one->greatest, 'unit' => $one->unit,
                'atTurnsPerSecond' => $one->atTurnsPerSecond,
            ], $values->values),
        ];
    }

    /** @return array<string, mixed> */
    private static function wiring(Channel $channel): array
    {
        $metres = [];
        foreach ($channel->links as $link) {
            if ($link instanceof Cable) {
                $metres[$link->name()] = $link->lengthMetres();
            }
        }

        return [
            'channel' => $channel->id,
            'cableMetres' => $metres,
            'conductors' => array_map(static fn (Conductor $one, string $function): array => [
                'id' => $one->id, 'colour' => $one->colour, 'sensorPin' => $one->sensorPin, 'modulePin' => $one->modulePin, 'function' => $function,
            ], $channel->conductors, $channel->sensor->wireFunctions()),
        ];
    }
}
