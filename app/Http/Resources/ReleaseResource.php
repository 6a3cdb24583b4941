<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\Releases;
use App\Models\CaseVersion;
use OpenApi\Attributes as OA;

/** Whether the reports of a published case are open to its apprentices, and what opens them. */
#[OA\Schema(schema: 'Release', required: ['kind', 'at', 'isOpen'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['at-once', 'instructor', 'date', 'all-done']),
    new OA\Property(property: 'at', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'isOpen', type: 'boolean'),
])]
final readonly class ReleaseResource
{
    /** @return array{kind: string, at: ?string, isOpen: bool} */
    public static function of(CaseVersion $version, Releases $releases): array
    {
        return [...$version->release()->write(), 'isOpen' => $releases->isOpen($version)];
    }
}
