<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Evidence\Portrait\PicturePair;
use Lernfall\Format\ObservationFormat;
use OpenApi\Attributes as OA;

/** One place sound and with a fault, for whoever may know which is which. */
#[OA\Schema(schema: 'PicturePair', required: ['channel', 'at', 'sight', 'sound', 'faulty'], properties: [
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'at', description: 'a place that is looked at, or rocked', type: 'string'),
    new OA\Property(property: 'sight', description: 'the word for what is to be seen', type: 'string'),
    new OA\Property(property: 'sound', ref: '#/components/schemas/ShownPicture'),
    new OA\Property(property: 'faulty', ref: '#/components/schemas/ShownPicture'),
])]
final readonly class PictureResource
{
    /** @return array<string, mixed> */
    public static function of(PicturePair $pair): array
    {
        return [
            'channel' => $pair->channel, 'at' => $pair->at, 'sight' => $pair->sight,
            'sound' => ObservationFormat::picture($pair->sound), 'faulty' => ObservationFormat::picture($pair->faulty),
        ];
    }
}
