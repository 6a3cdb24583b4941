<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\DecidedMarks;
use App\Models\Attempt;
use App\Models\MarkOverride;
use OpenApi\Attributes as OA;

/** What an instructor decided, beside the computed marks. */
#[OA\Schema(schema: 'Decided', required: ['points', 'overrides'], properties: [
    new OA\Property(property: 'points', description: 'that count', type: 'number'),
    new OA\Property(property: 'overrides', type: 'array', items: new OA\Items(ref: '#/components/schemas/Override')),
])]
#[OA\Schema(schema: 'Override', required: ['criterion', 'points', 'reason', 'by', 'decidedAt'], properties: [
    new OA\Property(property: 'criterion', type: 'string'),
    new OA\Property(property: 'points', type: 'number'),
    new OA\Property(property: 'reason', type: 'string'),
    new OA\Property(property: 'by', type: 'string'),
    new OA\Property(property: 'decidedAt', type: 'string', format: 'date-time'),
])]
final readonly class OverrideResource
{
    /** @return array{points: float, overrides: list<array<string, mixed>>} */
    public static function decided(Attempt $attempt, DecidedMarks $decided): array
    {
        return [
            'points' => round($decided->points($attempt), 2),
            'overrides' => array_values($decided->overridden($attempt)->map(static fn (MarkOverride $one): array => [
                'criterion' => $one->criterion, 'points' => $one->points, 'reason' => $one->reason, 'by' => $one->instructor->name, 'decidedAt' => $one->decided_at->toIso8601String(),
            ])->all()),
        ];
    }
}
