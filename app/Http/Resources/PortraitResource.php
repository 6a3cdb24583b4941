<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Evidence\Portrait\Portrait;
use OpenApi\Attributes as OA;

/** A kind of fault as the handbook shows it: true of every car, so it tells nothing about one. */
#[OA\Schema(schema: 'FaultPortrait', required: ['id', 'station', 'share', 'provokedBy', 'alike', 'cures', 'seeming', 'joiningCanCure', 'noticed', 'pictures'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'station', type: 'string'),
    new OA\Property(property: 'share', description: 'how common it is among all kinds', type: 'number'),
    new OA\Property(property: 'provokedBy', type: 'string'),
    new OA\Property(property: 'cures', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'alike', description: 'kinds of fault that no test of a standing car tells from it', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'seeming', description: 'repairs after which no code comes back although something is still wrong', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'joiningCanCure', type: 'boolean'),
    new OA\Property(property: 'noticed', description: 'how surely an eye or a hand notices it, by what is noticed', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    new OA\Property(property: 'pictures', description: 'each place where it can be seen, sound and with the fault', type: 'array', items: new OA\Items(ref: '#/components/schemas/PicturePair')),
])]
final readonly class PortraitResource
{
    /** @return array<string, mixed> */
    public static function of(Portrait $portrait): array
    {
        $ids = static fn (RepairKind $kind): string => $kind->value;

        return [
            'id' => $portrait->entry->kind->id,
            'station' => $portrait->entry->kind->station,
            'share' => $portrait->share,
            'provokedBy' => $portrait->entry->kind->nature->value ?? '',
            'cures' => array_map($ids, $portrait->cures),
            'alike' => $portrait->alike,
            'seeming' => array_map($ids, $portrait->seeming),
            'joiningCanCure' => $portrait->joiningCanCure,
            'noticed' => (object) $portrait->noticed,
            'pictures' => array_map(PictureResource::of(...), $portrait->pictures),
        ];
    }
}
