<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\AwaitedMarks;
use App\Attempts\Releases;
use App\Attempts\Variants;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Group;
use App\Models\User;
use Illuminate\Support\Collection;
use Lernfall\Evidence\Variation\Variation;
use OpenApi\Attributes as OA;

/** To whom a case was given, on which terms, and what has become of it. */
#[OA\Schema(schema: 'Assignment', required: ['id', 'version', 'groups', 'people', 'apprentices', 'notBegun', 'state', 'practice', 'givenAt', 'startsAt', 'endsAt', 'tries', 'minutesAllowed', 'paused', 'variation', 'preparation', 'release', 'annulledBecause', 'attempts', 'concluded'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'version', description: 'what whoever has not begun gets', type: 'integer'),
    new OA\Property(property: 'groups', type: 'array', items: new OA\Items(ref: '#/components/schemas/GroupName')),
    new OA\Property(property: 'people', description: 'names of those it was given to singly', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'apprentices', description: 'how many have it today', type: 'integer'),
    new OA\Property(property: 'notBegun', description: 'names of those who could, and are neither absent nor excused', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'state', description: 'whether whoever has not begun can begin it', type: 'string', enum: ['given', 'to-come', 'over', 'replaced', 'withdrawn', 'annulled']),
    new OA\Property(property: 'practice', type: 'boolean'),
    new OA\Property(property: 'givenAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'startsAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'endsAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'tries', description: 'null: as often as one likes', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'minutesAllowed', description: 'for one job; null: as long as one likes', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'paused', description: 'all who work it', type: 'boolean'),
    new OA\Property(property: 'variation', description: 'in what its cars differ', type: 'string', enum: ['same', 'kind', 'other']),
    new OA\Property(property: 'preparation', description: 'of its variants; null where all have the same car', oneOf: [new OA\Schema(ref: '#/components/schemas/Preparation'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'release', ref: '#/components/schemas/Release'),
    new OA\Property(property: 'annulledBecause', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'attempts', type: 'integer'),
    new OA\Property(property: 'concluded', type: 'integer'),
])]
#[OA\Schema(schema: 'Preparation', required: ['done', 'tried', 'of', 'found', 'hasWorker', 'against'], properties: [
    new OA\Property(property: 'done', type: 'boolean'),
    new OA\Property(property: 'tried', type: 'integer'),
    new OA\Property(property: 'of', description: 'that could be tried', type: 'integer'),
    new OA\Property(property: 'found', description: 'variants that are worth as much as the case', type: 'integer'),
    new OA\Property(property: 'hasWorker', type: 'boolean'),
    new OA\Property(property: 'against', description: 'why others are not among them', type: 'array', items: new OA\Items(required: ['why', 'count'], properties: [
        new OA\Property(property: 'why', type: 'string', enum: ['itself', 'complaint', 'unseen', 'unsolvable', 'par', 'tests', 'failed']),
        new OA\Property(property: 'count', type: 'integer'),
    ], type: 'object')),
])]
final readonly class AssignmentResource
{
    /**
     * @param  Collection<int, Assignment>  $assignments  of one case, the oldest first
     * @return list<array<string, mixed>>
     */
    public static function all(Collection $assignments): array
    {
        $newest = [];
        foreach ($assignments->sortBy(['given_at', 'id']) as $one) {
            foreach (self::names($one) as $recipient) {
                $newest[$recipient] = $one->id;
            }
        }

        return array_values($assignments->map(static fn (Assignment $one): array => self::one($one, ! in_array($one->id, array_intersect_key($newest, array_flip(self::names($one))), true)))->all());
    }

    /** @return array<string, mixed> */
    private static function one(Assignment $assignment, bool $isReplaced): array
    {
        return [
            'id' => $assignment->id,
            'version' => $assignment->version->number,
            'groups' => $assignment->groups->map(static fn (Group $one): array => ['id' => $one->id, 'name' => $one->name])->values()->all(),
            'people' => $assignment->people->pluck('name')->all(),
            'apprentices' => $assignment->recipients()->count(),
            'notBegun' => $assignment->recipients()->whereNotIn('id', [...$assignment->attempts->pluck('apprentice_id'), ...$assignment->attempts->map(static fn (Attempt $one): ?int => $one->pair()?->partner_id)->filter(), ...$assignment->absences->pluck('user_id')])->pluck('name')->values()->all(),
            'state' => match (true) {
                $assignment->annulled_at !== null => 'annulled',
                $isReplaced => 'replaced',
                $assignment->withdrawn_at !== null => 'withdrawn',
                ! $assignment->hasStarted() => 'to-come',
                $assignment->hasEnded() => 'over',
                default => 'given',
            },
            'practice' => $assignment->version->isPractice(),
            'givenAt' => $assignment->given_at->toIso8601String(),
            'startsAt' => $assignment->starts_at?->toIso8601String(),
            'endsAt' => $assignment->ends_at?->toIso8601String(),
            'tries' => $assignment->tries,
            'minutesAllowed' => $assignment->minutes_allowed,
            'paused' => $assignment->paused_at !== null,
            'variation' => $assignment->variation->value,
            'preparation' => $assignment->variation === Variation::None ? null : self::preparation($assignment),
            'release' => ReleaseResource::of($assignment, new Releases),
            'annulledBecause' => $assignment->annulled_because,
            'attempts' => $assignment->attempts->count(),
            'concluded' => $assignment->attempts->whereNotNull('concluded_at')->count(),
        ];
    }

    /** @return array<string, mixed> */
    private static function preparation(Assignment $assignment): array
    {
        $kept = app(Variants::class)->preparation($assignment);

        return [
            'done' => $kept['done'], 'tried' => $kept['tried'], 'of' => $kept['of'], 'found' => $kept['found'], 'hasWorker' => app(AwaitedMarks::class)->hasWorker(),
            'against' => array_map(static fn (string $why, int $count): array => ['why' => $why, 'count' => $count], array_keys($kept['against']), array_values($kept['against'])),
        ];
    }

    /** @return list<string> whoever it was given to */
    private static function names(Assignment $assignment): array
    {
        return [
            ...array_values($assignment->groups->map(static fn (Group $one): string => "group $one->id")->all()),
            ...array_values($assignment->people->map(static fn (User $one): string => "person $one->id")->all()),
        ];
    }
}
