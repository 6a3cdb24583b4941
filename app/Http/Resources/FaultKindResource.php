<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Fault\CatalogueEntry;
use Lernfall\Vehicle\Vehicle;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FaultKind', required: ['id', 'station', 'places', 'onConductor', 'provokedBy', 'unit', 'least', 'greatest', 'strengths'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'station', type: 'string'),
    new OA\Property(property: 'places', description: 'by car: the channels that can have it, or "car" where it sits at none', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
    new OA\Property(property: 'onConductor', type: 'boolean'),
    new OA\Property(property: 'provokedBy', description: 'what provokes it unless a case says otherwise; empty where it always shows', type: 'string'),
    new OA\Property(property: 'unit', type: 'string', enum: ['none', 'ohms', 'metres', 'teeth', 'share', 'volts', 'flow', 'newton-metres', 'cubic-centimetres']),
    new OA\Property(property: 'least', type: 'number'),
    new OA\Property(property: 'greatest', type: 'number'),
    new OA\Property(property: 'strengths', type: 'array', items: new OA\Items(type: 'number')),
])]
final readonly class FaultKindResource
{
    /**
     * @param  list<Vehicle>  $vehicles
     * @return array<string, mixed>
     */
    public static function of(CatalogueEntry $entry, array $vehicles): array
    {
        $places = [];
        foreach ($vehicles as $vehicle) {
            $places[$vehicle->id] = $entry->kind->places($vehicle);
        }

        return [
            'id' => $entry->kind->id,
            'station' => $entry->kind->station,
            'places' => $places,
            'onConductor' => $entry->kind->onConductor,
            'provokedBy' => $entry->kind->nature->value ?? '',
            'unit' => $entry->kind->unit,
            'least' => $entry->least,
            'greatest' => $entry->greatest,
            'strengths' => $entry->strengths,
        ];
    }
}
