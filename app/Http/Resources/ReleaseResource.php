<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Releases;
use App\Models\Assignment;
use OpenApi\Attributes as OA;

/** Whether the reports of an assignment are open to its apprentices, and what opens them. */
#[OA\Schema(schema: 'Release', required: ['kind', 'at', 'isOpen'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['at-once', 'instructor', 'date', 'all-done']),
    new OA\Property(property: 'at', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'isOpen', type: 'boolean'),
])]
final readonly class ReleaseResource
{
    /** @return array{kind: string, at: ?string, isOpen: bool} */
    public static function of(?Assignment $assignment, Releases $releases): array
    {
        $release = $assignment?->release() ?? Release::of(ReleaseKind::AtOnce);

        return [...$release->write(), 'isOpen' => $releases->isOpen($assignment)];
    }
}
