<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Lesson\WorkingTime;
use App\Models\Attempt;
use App\Models\Remark;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'News', required: ['now', 'endsAt', 'cardUntil', 'paused', 'concluded', 'helpWanted', 'remarks'], properties: [
    new OA\Property(property: 'now', description: 'by the clock of this machine', type: 'string', format: 'date-time'),
    new OA\Property(property: 'endsAt', description: 'after which only the card is written; null: never', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'cardUntil', description: 'after which it is handed in as it stands', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'paused', type: 'boolean'),
    new OA\Property(property: 'concluded', type: 'boolean'),
    new OA\Property(property: 'helpWanted', type: 'boolean'),
    new OA\Property(property: 'remarks', description: 'the oldest first', type: 'array', items: new OA\Items(ref: '#/components/schemas/Remark')),
])]
#[OA\Schema(schema: 'Remark', required: ['id', 'from', 'text', 'at', 'toAll'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'from', type: 'string'),
    new OA\Property(property: 'text', type: 'string'),
    new OA\Property(property: 'at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'toAll', type: 'boolean'),
])]
final readonly class NewsResource
{
    /** @return array<string, mixed> */
    public static function of(Attempt $attempt): array
    {
        $time = WorkingTime::of($attempt);
        $isOpen = $attempt->concluded_at === null;

        return [
            'now' => now()->toIso8601String(),
            'endsAt' => $isOpen ? $time->endsAt?->toIso8601String() : null,
            'cardUntil' => $isOpen ? $time->cardUntil?->toIso8601String() : null,
            'paused' => $time->isPaused,
            'concluded' => ! $isOpen,
            'helpWanted' => $attempt->help_wanted_at !== null,
            'remarks' => self::remarks($attempt),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function remarks(Attempt $attempt): array
    {
        return $attempt->assignment_id === null ? [] : array_values(Remark::to($attempt)->get()->map(static fn (Remark $one): array => [
            'id' => $one->id, 'from' => $one->author->name, 'text' => $one->text, 'at' => $one->said_at->toIso8601String(), 'toAll' => $one->attempt_id === null,
        ])->all());
    }
}
