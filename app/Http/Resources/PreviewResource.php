<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Evidence\Portrait\PicturePair;
use Lernfall\Evidence\Preview\Cell;
use Lernfall\Evidence\Preview\Preview;
use OpenApi\Attributes as OA;

/** What an apprentice will meet, for the instructor who composes the case. */
#[OA\Schema(schema: 'Preview', required: ['lamps', 'rows', 'pictures'], properties: [
    new OA\Property(property: 'lamps', ref: '#/components/schemas/PreviewCell'),
    new OA\Property(property: 'rows', type: 'array', items: new OA\Items(required: ['test', 'cells'], properties: [
        new OA\Property(property: 'test', type: 'string'),
        new OA\Property(property: 'cells', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/PreviewCell')),
    ])),
    new OA\Property(property: 'pictures', description: 'each place where a fault of the case can be seen', type: 'array', items: new OA\Items(ref: '#/components/schemas/PicturePair')),
])]
#[OA\Schema(schema: 'PreviewCell', required: ['faulty', 'healthy', 'differs'], properties: [
    new OA\Property(property: 'faulty', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/PreviewValue')),
    new OA\Property(property: 'healthy', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: '#/components/schemas/PreviewValue')),
    new OA\Property(property: 'differs', type: 'boolean'),
])]
#[OA\Schema(schema: 'PreviewValue', oneOf: [
    new OA\Schema(ref: '#/components/schemas/ShownNumber'),
    new OA\Schema(required: ['word', 'chance'], properties: [
        new OA\Property(property: 'word', type: 'string'),
        new OA\Property(property: 'chance', type: 'number'),
    ]),
])]
final readonly class PreviewResource
{
    /**
     * @param  list<PicturePair>  $pictures
     * @return array<string, mixed>
     */
    public static function of(Preview $preview, array $pictures): array
    {
        return [
            'lamps' => self::cell($preview->lamps),
            'rows' => array_map(
                static fn (string $test, array $cells): array => ['test' => $test, 'cells' => array_map(self::cell(...), $cells)],
                array_keys($preview->rows),
                array_values($preview->rows),
            ),
            'pictures' => array_map(PictureResource::of(...), $pictures),
        ];
    }

    /** @return array<string, mixed> */
    private static function cell(Cell $cell): array
    {
        return [
            'faulty' => array_map(self::value(...), $cell->faulty),
            'healthy' => array_map(self::value(...), $cell->healthy),
            'differs' => $cell->differs,
        ];
    }

    /** @return array<string, mixed> */
    private static function value(Feature $feature): array
    {
        return match (true) {
            $feature instanceof NumberFeature => [
                'unit' => $feature->unit, 'si' => $feature->mean, 'resolution' => $feature->resolution, 'overload' => $feature->overload,
            ],
            $feature instanceof CategoryFeature => ['word' => $feature->likeliest(), 'chance' => $feature->chances[$feature->likeliest()]],
            default => [],
        };
    }
}
