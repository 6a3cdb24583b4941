<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\AwaitedMarks;
use App\Models\Attempt;
use OpenApi\Attributes as OA;

/** How far the marks of a closed job have come. */
#[OA\Schema(schema: 'Marking', required: ['state', 'before', 'hasWorker'], properties: [
    new OA\Property(property: 'state', type: 'string', enum: ['marked', 'waiting', 'under-way', 'failed']),
    new OA\Property(property: 'before', description: 'other jobs that are marked first', type: 'integer'),
    new OA\Property(property: 'hasWorker', description: 'whether anything works on what waits', type: 'boolean'),
])]
final readonly class MarkingResource
{
    /** @return array{state: string, before: int, hasWorker: bool} */
    public static function of(Attempt $attempt, AwaitedMarks $awaited): array
    {
        $state = $awaited->state($attempt);

        return ['state' => $state->value, 'before' => $attempt->markSheet === null ? $awaited->before($attempt) : 0, 'hasWorker' => $awaited->hasWorker()];
    }
}
