<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Fault\Catalogue;
use Lernfall\Lab\LabBench;
use Lernfall\Lab\LabReadings;
use Lernfall\Sensor\Passive\PassiveInput;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;
use OpenApi\Attributes as OA;

/** What can be set up in the lab, and what it shows. */
#[OA\Schema(schema: 'LabOptions', required: ['stands', 'defects'], properties: [
    new OA\Property(property: 'stands', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabStand')),
    new OA\Property(property: 'defects', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabDefect')),
])]
#[OA\Schema(schema: 'LabStand', required: ['technology', 'teeth', 'gapMillimetres', 'inputOhms'], properties: [
    new OA\Property(property: 'technology', type: 'string', enum: ['passive', 'current', 'pulse-width', 'sinking', 'sourcing']),
    new OA\Property(property: 'teeth', type: 'integer'),
    new OA\Property(property: 'gapMillimetres', type: 'number'),
    new OA\Property(property: 'inputOhms', type: 'number'),
])]
#[OA\Schema(schema: 'LabDefect', required: ['id', 'technologies', 'unit', 'usual'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'technologies', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'unit', type: 'string', enum: ['none', 'ohms', 'metres', 'teeth', 'share', 'volts', 'flow', 'newton-metres', 'cubic-centimetres']),
    new OA\Property(property: 'usual', type: 'array', items: new OA\Items(type: 'number')),
])]
#[OA\Schema(schema: 'LabReadings', required: ['volts', 'secondsPerSample', 'numbers', 'formulas'], properties: [
    new OA\Property(property: 'volts', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'secondsPerSample', type: 'number'),
    new OA\Property(property: 'numbers', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/ShownNumber')),
    new OA\Property(property: 'formulas', type: 'array', items: new OA\Items(ref: '#/components/schemas/LabFormula')),
])]
#[OA\Schema(schema: 'LabFormula', required: ['key', 'numbers'], properties: [
    new OA\Property(property: 'key', type: 'string'),
    new OA\Property(property: 'numbers', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
])]
final readonly class LabResource
{
    /** Defects of ring, mounting and sensor that change the signal as long as the wheel turns by hand. */
    private const DEFECTS = [
        'tooth-missing', 'tooth-chipped', 'ring-cracked', 'ring-bent', 'ring-lifted', 'ring-dirty', 'encoder-damaged', 'bearing-play', 'bearing-reversed',
        'tip-dusty', 'coil-shorted', 'sensor-stuck-low', 'sensor-stuck-high', 'sensor-wrong-part',
    ];

    /** @return array<string, mixed> */
    public static function options(LabBench $bench, Catalogue $catalogue): array
    {
        $corners = $bench->corners();

        return [
            'stands' => array_map(static fn (string $technology, Channel $corner): array => [
                'technology' => $technology,
                'teeth' => $corner->wheelEnd->ring->teeth,
                'gapMillimetres' => $corner->wheelEnd->gapMetres * 1000.0,
                'inputOhms' => $corner->moduleEnd->input instanceof PassiveInput ? $corner->moduleEnd->input->acrossOhms : 100000.0,
            ], array_keys($corners), array_values($corners)),
            'defects' => array_map(static fn (string $kind): array => [
                'id' => $kind,
                'technologies' => array_keys(array_filter($corners, $catalogue->entry($kind)->kind->fits(...))),
                'unit' => $catalogue->entry($kind)->kind->unit,
                'usual' => $catalogue->entry($kind)->strengths,
            ], self::DEFECTS),
        ];
    }

    /** @return array<string, mixed> */
    public static function of(LabReadings $readings): array
    {
        return [
            'volts' => array_map(static fn (float $volts): float => round($volts, 5), $readings->volts),
            'secondsPerSample' => $readings->secondsPerSample,
            'numbers' => array_map(static fn (NumberFeature $one): array => [
                'unit' => $one->unit, 'si' => $one->mean, 'resolution' => $one->resolution, 'overload' => $one->overload,
            ], $readings->numbers),
            'formulas' => array_map(static fn (Formula $one): array => ['key' => $one->key, 'numbers' => $one->numbers], $readings->formulas),
        ];
    }
}
