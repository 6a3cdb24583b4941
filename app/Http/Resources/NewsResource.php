<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\HeldAnswers;
use App\Lesson\Places;
use App\Lesson\WorkingTime;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\Remark;
use App\Models\User;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'News', required: ['now', 'endsAt', 'cardUntil', 'paused', 'concluded', 'helpWanted', 'remarks', 'pair', 'steps'], properties: [
    new OA\Property(property: 'now', description: 'by the clock of this machine', type: 'string', format: 'date-time'),
    new OA\Property(property: 'endsAt', description: 'after which only the card is written; null: never', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'cardUntil', description: 'after which it is handed in as it stands', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'paused', type: 'boolean'),
    new OA\Property(property: 'concluded', type: 'boolean'),
    new OA\Property(property: 'helpWanted', type: 'boolean'),
    new OA\Property(property: 'remarks', description: 'the oldest first', type: 'array', items: new OA\Items(ref: '#/components/schemas/Remark')),
    new OA\Property(property: 'pair', description: 'with whom I work it, or whom I have asked; null: alone', oneOf: [new OA\Schema(ref: '#/components/schemas/Pair'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'steps', description: 'that have been done, where two work it', type: 'integer'),
])]
#[OA\Schema(schema: 'Pair', required: ['with', 'joined', 'atCar'], properties: [
    new OA\Property(property: 'with', type: 'string'),
    new OA\Property(property: 'joined', description: 'false: asked, and has not answered', type: 'boolean'),
    new OA\Property(property: 'atCar', description: 'whether I am at the car; the other one writes the card', type: 'boolean'),
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
    public static function of(Attempt $attempt, User $reader): array
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
            'pair' => self::pair($attempt, $reader),
            'steps' => $attempt->pair() === null ? 0 : AttemptAction::query()->where('attempt_id', $attempt->id)->tap(HeldAnswers::onlyShown(...))->count(),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function pair(Attempt $attempt, User $reader): ?array
    {
        $pairing = $attempt->loadMissing('pairing.partner')->pairing;

        return $pairing === null ? null : ['with' => Places::other($attempt, $reader)->name, 'joined' => $pairing->joined_at !== null, 'atCar' => $pairing->isAtCar($reader)];
    }

    /** @return list<array<string, mixed>> */
    public static function remarks(Attempt $attempt): array
    {
        return $attempt->assignment_id === null ? [] : array_values(Remark::to($attempt)->get()->map(static fn (Remark $one): array => [
            'id' => $one->id, 'from' => $one->author->name, 'text' => $one->text, 'at' => $one->said_at->toIso8601String(), 'toAll' => $one->attempt_id === null,
        ])->all());
    }
}
