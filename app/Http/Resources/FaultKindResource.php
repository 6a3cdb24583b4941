<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Fault\CatalogueEntry;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FaultKind', required: ['id', 'station', 'technologies', 'onConductor', 'unit', 'least', 'greatest', 'strengths'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'station', type: 'string'),
    new OA\Property(property: 'technologies', description: 'of sensors that can have it; none named means all', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'onConductor', type: 'boolean'),
    new OA\Property(property: 'unit', type: 'string', enum: ['none', 'ohms', 'metres', 'teeth', 'share']),
    new OA\Property(property: 'least', type: 'number'),
    new OA\Property(property: 'greatest', type: 'number'),
    new OA\Property(property: 'strengths', type: 'array', items: new OA\Items(type: 'number')),
])]
final readonly class FaultKindResource
{
    /** @return array<string, mixed> */
    public static function of(CatalogueEntry $entry): array
    {
        return [
            'id' => $entry->kind->id,
            'station' => $entry->kind->station,
            'technologies' => $entry->kind->technologies,
            'onConductor' => $entry->kind->onConductor,
            'unit' => $entry->kind->unit,
            'least' => $entry->least,
            'greatest' => $entry->greatest,
            'strengths' => $entry->strengths,
        ];
    }
}
