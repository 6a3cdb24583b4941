<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\CaseDraft;
use App\Models\CaseVersion;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Case', required: ['id', 'document', 'goals', 'difficulty', 'archived', 'updatedAt', 'edition', 'madeBy', 'changedBy', 'isMine', 'sharedWith', 'versions', 'assignments'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'document', ref: '#/components/schemas/CaseFields'),
    new OA\Property(property: 'goals', description: 'what it is to teach', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'difficulty', description: 'empty: not said', type: 'string', enum: ['', 'easy', 'middling', 'hard']),
    new OA\Property(property: 'archived', description: 'put away', type: 'boolean'),
    new OA\Property(property: 'updatedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'edition', description: 'changes with every word', type: 'string'),
    new OA\Property(property: 'madeBy', type: 'string'),
    new OA\Property(property: 'changedBy', description: 'last; null where that is not known', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'isMine', description: 'I made it: I share it, keep it, throw it away', type: 'boolean'),
    new OA\Property(property: 'sharedWith', description: 'the other instructors it belongs to', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'versions', type: 'array', items: new OA\Items(ref: '#/components/schemas/Version')),
    new OA\Property(property: 'assignments', description: 'the oldest first', type: 'array', items: new OA\Items(ref: '#/components/schemas/Assignment')),
])]
#[OA\Schema(schema: 'Version', required: ['number', 'sha256', 'publishedAt'], properties: [
    new OA\Property(property: 'number', type: 'integer'),
    new OA\Property(property: 'sha256', type: 'string'),
    new OA\Property(property: 'publishedAt', type: 'string', format: 'date-time'),
])]
final readonly class CaseResource
{
    /** What of a draft is shown. */
    public const SHOWN = ['instructor', 'editor', 'holders', 'versions', 'assignments.version', 'assignments.groups.people', 'assignments.people', 'assignments.attempts.pairing', 'assignments.absences'];

    /** @return array<string, mixed> */
    public static function of(CaseDraft $draft): array
    {
        $draft->loadMissing(self::SHOWN);

        return [
            'id' => $draft->id,
            'document' => $draft->document,
            'goals' => $draft->goals,
            'difficulty' => $draft->difficulty,
            'archived' => $draft->archived_at !== null,
            'updatedAt' => $draft->updated_at->toIso8601String(),
            'edition' => $draft->edition(),
            'madeBy' => $draft->instructor->name,
            'changedBy' => $draft->editor?->name,
            'isMine' => $draft->instructor_id === Auth::id(),
            'sharedWith' => array_values($draft->holders->pluck('name')->sort()->all()),
            'versions' => $draft->versions->map(static fn (CaseVersion $version): array => [
                'number' => $version->number,
                'sha256' => $version->sha256,
                'publishedAt' => $version->published_at->toIso8601String(),
            ])->all(),
            'assignments' => AssignmentResource::all($draft->assignments),
        ];
    }
}
