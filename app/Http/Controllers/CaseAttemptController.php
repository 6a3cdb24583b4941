<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\AwaitedMarks;
use App\Attempts\DecidedMarks;
use App\Attempts\Releases;
use App\Attempts\Stages;
use App\Attempts\VariantName;
use App\Http\Resources\MarkingResource;
use App\Http\Resources\ReleaseResource;
use App\Lesson\TimeOver;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\CaseDraft;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'AttemptRow', required: ['id', 'apprentice', 'partner', 'version', 'assignment', 'try', 'variant', 'release', 'secondTry', 'startedAt', 'concludedAt', 'closedBy', 'helpWanted', 'stage', 'steps', 'minutes', 'possible', 'marking', 'points', 'proposed', 'objected', 'overridden', 'differs', 'outOf'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'apprentice', type: 'string'),
    new OA\Property(property: 'partner', description: 'who works it with them', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'assignment', type: 'integer'),
    new OA\Property(property: 'try', description: 'which of this apprentice\'s jobs of the assignment', type: 'integer'),
    new OA\Property(property: 'variant', description: 'how its car differs from the others; null where all have the same', oneOf: [new OA\Schema(ref: '#/components/schemas/VariantName'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'release', ref: '#/components/schemas/Release'),
    new OA\Property(property: 'secondTry', description: 'the cause of an earlier publication was open to this person before', type: 'boolean'),
    new OA\Property(property: 'startedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'concludedAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'closedBy', description: 'null: by the apprentice', oneOf: [new OA\Schema(type: 'string', enum: ['time', 'instructor']), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'helpWanted', type: 'boolean'),
    new OA\Property(property: 'stage', description: 'at which the last thing was done; null where that belongs to no one of them', oneOf: [new OA\Schema(ref: '#/components/schemas/Stage'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'steps', type: 'integer'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'possible', description: 'while it is under way, where a worker follows it', oneOf: [new OA\Schema(ref: '#/components/schemas/Possible'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'marking', description: 'null while it is under way', oneOf: [new OA\Schema(ref: '#/components/schemas/Marking'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'points', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'proposed', description: 'the mark of an examination that nobody has confirmed', type: 'boolean'),
    new OA\Property(property: 'objected', description: 'an objection waits to be decided', type: 'boolean'),
    new OA\Property(property: 'differs', description: 'a later core would show or mark something otherwise; what was shown and marked stays', type: 'boolean'),
    new OA\Property(property: 'overridden', description: 'an instructor decided some of it', type: 'boolean'),
    new OA\Property(property: 'outOf', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'Stage', type: 'string', enum: ['complaint', 'verify', 'codes', 'look', 'measure', 'repair', 'prove'])]
#[OA\Schema(schema: 'VariantName', required: ['number', 'fault', 'place', 'relation'], properties: [
    new OA\Property(property: 'number', description: '0: as it was composed', type: 'integer'),
    new OA\Property(property: 'fault', description: 'its kind', type: 'string'),
    new OA\Property(property: 'place', type: 'string'),
    new OA\Property(property: 'relation', description: 'to the case as it was composed', type: 'string', enum: ['as-composed', 'same-place', 'opposite', 'other-axle', 'crosswise', 'other-fault']),
])]
final readonly class CaseAttemptController
{
    #[OA\Get(path: '/api/cases/{case}/attempts', operationId: 'listAttempts', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'who worked this case, and how far', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/AttemptRow'))),
    ])]
    public function index(CaseDraft $case, AwaitedMarks $awaited, DecidedMarks $decided, Releases $releases, VariantName $names, TimeOver $over): JsonResponse
    {
        Gate::authorize('own', $case);
        /** @var Collection<int, Attempt> $attempts */
        $attempts = Attempt::query()->with(['apprentice', 'pairing.partner', 'actions', 'version.draft', 'assignment', 'objection', 'markSheet', 'overrides', 'belief', 'check'])
            ->whereNotNull('assignment_id')->whereIn('case_version_id', $case->frozen()->select('id'))->orderBy('id')->get();

        $over->closeAll($attempts);

        return new JsonResponse($attempts->map(static fn (Attempt $attempt): array => self::row($attempt, $awaited, $decided, $releases) + ['variant' => $names->of($attempt)])->all());
    }

    /** @return array<string, mixed> */
    private static function row(Attempt $attempt, AwaitedMarks $awaited, DecidedMarks $decided, Releases $releases): array
    {
        $sheet = $attempt->concluded_at === null ? null : $attempt->markSheet?->sheet;

        return [
            'id' => $attempt->id,
            'apprentice' => $attempt->apprentice->name,
            'partner' => $attempt->pair()?->partner->name,
            'version' => $attempt->version->number,
            'assignment' => $attempt->assignment_id,
            'try' => $attempt->number,
            'release' => ReleaseResource::of($attempt->assignment, $releases),
            'secondTry' => $releases->isSecondTry($attempt),
            'startedAt' => $attempt->started_at->toIso8601String(),
            'concludedAt' => $attempt->concluded_at?->toIso8601String(),
            'closedBy' => $attempt->closed_by,
            'helpWanted' => $attempt->help_wanted_at !== null,
            'stage' => ($last = $attempt->actions->last()) === null ? 'complaint' : Stages::of((string) ($last->action['do'] ?? '')),
            'steps' => $attempt->actions->count(),
            'minutes' => $attempt->actions->sum(static fn (AttemptAction $one): float => $one->minutes),
            'possible' => $attempt->concluded_at !== null || $attempt->belief === null ? null : ['step' => $attempt->belief->step, 'open' => $attempt->belief->open, 'foremost' => $attempt->belief->foremost],
            'marking' => $attempt->concluded_at === null ? null : MarkingResource::of($attempt, $awaited),
            'points' => $sheet === null ? null : round($decided->points($attempt), 2),
            'proposed' => $sheet !== null && $attempt->confirmed_at === null && ! $attempt->version->isPractice(),
            'objected' => $attempt->objection !== null && $attempt->objection->decided_at === null,
            'overridden' => $sheet !== null && $decided->overridden($attempt)->isNotEmpty(),
            'differs' => $attempt->check?->differs() === true,
            'outOf' => $sheet['outOf'] ?? null,
        ];
    }
}
