<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CaseDraft;
use App\Models\CaseVersion;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Case', required: ['id', 'document', 'goals', 'archived', 'updatedAt', 'versions'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'document', ref: '#/components/schemas/CaseFields'),
    new OA\Property(property: 'goals', description: 'what it is to teach', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'archived', description: 'put away', type: 'boolean'),
    new OA\Property(property: 'updatedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'versions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Version')),
])]
#[OA\Schema(schema: 'Version', required: ['number', 'group', 'state', 'sha256', 'publishedAt', 'attempts', 'concluded'], properties: [
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'group', description: 'to whom', ref: '#/components/schemas/GroupName'),
    new OA\Property(property: 'state', description: 'whether whoever has not started can start it', type: 'string', enum: ['given', 'replaced', 'withdrawn']),
    new OA\Property(property: 'sha256', type: 'string'),
    new OA\Property(property: 'publishedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'attempts', type: 'integer'),
    new OA\Property(property: 'concluded', type: 'integer'),
])]
final readonly class CaseResource
{
    /** @return array<string, mixed> */
    public static function of(CaseDraft $draft): array
    {
        $draft->loadMissing(['versions.attempts', 'versions.group']);
        $newest = $draft->versions->keyBy('group_id');

        return [
            'id' => $draft->id,
            'document' => $draft->document,
            'goals' => $draft->goals,
            'archived' => $draft->archived_at !== null,
            'updatedAt' => $draft->updated_at->toIso8601String(),
            'versions' => $draft->versions->map(static fn (CaseVersion $version): array => [
                'number' => $version->number,
                'group' => ['id' => $version->group->id, 'name' => $version->group->name],
                'state' => match (true) {
                    $newest[$version->group_id] !== $version => 'replaced',
                    $version->withdrawn_at !== null => 'withdrawn',
                    default => 'given',
                },
                'sha256' => $version->sha256,
                'publishedAt' => $version->published_at->toIso8601String(),
                'attempts' => $version->attempts->count(),
                'concluded' => $version->attempts->whereNotNull('concluded_at')->count(),
            ])->all(),
        ];
    }
}
