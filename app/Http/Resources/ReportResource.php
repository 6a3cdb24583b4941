<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\CaseText;
use App\Lesson\Places;
use App\Models\Attempt;
use Lernfall\Bay\Job\Job;
use Lernfall\Fault\Fault;
use OpenApi\Attributes as OA;

/** The path taken, and once the job is closed the marks and what was wrong. */
#[OA\Schema(schema: 'Report', required: ['jobTitle', 'complaint', 'apprentice', 'pair', 'startedAt', 'concludedAt', 'car', 'cause', 'steps', 'release', 'marking', 'marks', 'decided', 'standing', 'sensible', 'remarks', 'closedBy'], properties: [
    new OA\Property(property: 'jobTitle', type: 'string'),
    new OA\Property(property: 'complaint', type: 'string'),
    new OA\Property(property: 'apprentice', type: 'string'),
    new OA\Property(property: 'pair', description: 'what each of two did; empty where it was worked alone', type: 'array', items: new OA\Items(required: ['name', 'atCar', 'atCard'], properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'atCar', description: 'steps', type: 'integer'),
        new OA\Property(property: 'atCard', description: 'steps', type: 'integer'),
    ], type: 'object')),
    new OA\Property(property: 'startedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'concludedAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'car', ref: '#/components/schemas/Car'),
    new OA\Property(property: 'cause', description: 'empty to its apprentice until the report is open, as steps are', type: 'array', items: new OA\Items(ref: '#/components/schemas/Cause')),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/Step')),
    new OA\Property(property: 'remarks', description: 'what the instructor said while it was worked', type: 'array', items: new OA\Items(ref: '#/components/schemas/Remark')),
    new OA\Property(property: 'closedBy', description: 'null: by the apprentice', oneOf: [new OA\Schema(type: 'string', enum: ['time', 'instructor']), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'standing', description: 'of the mark of an examination; null elsewhere, and to its apprentice until the report is open', oneOf: [new OA\Schema(ref: '#/components/schemas/Standing'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'sensible', description: 'what following the advice would have come to; null until it is worked out, and while the job is open', oneOf: [new OA\Schema(ref: '#/components/schemas/SensiblePath'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'release', ref: '#/components/schemas/Release'),
    new OA\Property(property: 'marking', description: 'null while the job is open, and to its apprentice until the report is', oneOf: [new OA\Schema(ref: '#/components/schemas/Marking'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'marks', description: 'as computed; null until they are', oneOf: [new OA\Schema(ref: '#/components/schemas/MarkSheet'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'decided', description: 'the points that count, and where an instructor decided otherwise', oneOf: [new OA\Schema(ref: '#/components/schemas/Decided'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'Cause', required: ['channel', 'station', 'defect', 'conductor'], properties: [
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'station', type: 'string'),
    new OA\Property(property: 'defect', type: 'string'),
    new OA\Property(property: 'conductor', type: 'string'),
])]
#[OA\Schema(schema: 'MarkSheet', required: ['points', 'outOf', 'marks'], properties: [
    new OA\Property(property: 'points', type: 'number'),
    new OA\Property(property: 'outOf', type: 'integer'),
    new OA\Property(property: 'marks', type: 'array', items: new OA\Items(ref: '#/components/schemas/Mark')),
    new OA\Property(property: 'repairs', description: 'how each repair stood to what was known; left out where the policy leaves the reasoning aside', type: 'array', items: new OA\Items(ref: '#/components/schemas/RepairReview')),
    new OA\Property(property: 'possible', description: 'what was still possible after each step', type: 'array', items: new OA\Items(ref: '#/components/schemas/Possible')),
    new OA\Property(property: 'mistakes', description: 'mistakes known by name, with the step at which each shows', type: 'array', items: new OA\Items(required: ['id', 'step'], properties: [
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'step', type: 'integer'),
    ], type: 'object')),
    new OA\Property(property: 'stations', description: 'marks on the strip against what the card made of them', type: 'array', items: new OA\Items(ref: '#/components/schemas/StationReview')),
    new OA\Property(property: 'versions', description: 'by what was marked', required: ['case', 'caseSha256', 'policySha256', 'core'], properties: [
        new OA\Property(property: 'case', type: 'integer'),
        new OA\Property(property: 'caseSha256', type: 'string'),
        new OA\Property(property: 'policySha256', type: 'string'),
        new OA\Property(property: 'core', type: 'string'),
    ], type: 'object'),
    new OA\Property(property: 'cap', description: 'what an unsafe act leaves at most', oneOf: [new OA\Schema(required: ['step', 'points'], properties: [
        new OA\Property(property: 'step', type: 'integer'),
        new OA\Property(property: 'points', type: 'number'),
    ], type: 'object'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'counsel', description: 'what advice asked in practice has cost', type: 'array', items: new OA\Items(required: ['step', 'about', 'points'], properties: [
        new OA\Property(property: 'step', type: 'integer'),
        new OA\Property(property: 'about', type: 'string'),
        new OA\Property(property: 'points', type: 'number'),
    ], type: 'object')),
])]
#[OA\Schema(schema: 'StationReview', required: ['channel', 'station', 'mark', 'chance', 'verdict'], properties: [
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'station', type: 'string'),
    new OA\Property(property: 'mark', type: 'string', enum: ['not-judged', 'open', 'suspect', 'cleared']),
    new OA\Property(property: 'chance', type: 'number'),
    new OA\Property(property: 'verdict', type: 'string', enum: ['sound', 'over-confident', 'groundless', 'missed']),
])]
#[OA\Schema(schema: 'Likely', required: ['faults', 'chance'], properties: [
    new OA\Property(property: 'faults', type: 'array', items: new OA\Items(required: ['kind', 'channel'], properties: [
        new OA\Property(property: 'kind', type: 'string'),
        new OA\Property(property: 'channel', type: 'string'),
    ], type: 'object')),
    new OA\Property(property: 'chance', type: 'number'),
])]
#[OA\Schema(schema: 'Possible', required: ['step', 'open', 'foremost'], properties: [
    new OA\Property(property: 'step', type: 'integer'),
    new OA\Property(property: 'open', type: 'integer'),
    new OA\Property(property: 'foremost', type: 'array', items: new OA\Items(ref: '#/components/schemas/Likely')),
])]
#[OA\Schema(schema: 'RepairReview', required: ['step', 'kind', 'channel', 'verdict', 'byCard', 'byShown', 'rivals', 'costNow', 'costOfTesting', 'test'], properties: [
    new OA\Property(property: 'step', type: 'integer'),
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'verdict', type: 'string', enum: ['justified', 'lucky', 'unwritten', 'close', 'reasonable', 'wrong', 'harmful']),
    new OA\Property(property: 'byCard', type: 'number'),
    new OA\Property(property: 'byShown', type: 'number'),
    new OA\Property(property: 'rivals', type: 'array', items: new OA\Items(ref: '#/components/schemas/Likely')),
    new OA\Property(property: 'costNow', type: 'number'),
    new OA\Property(property: 'costOfTesting', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'test', oneOf: [new OA\Schema(ref: '#/components/schemas/BetterTest'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'BetterTest', required: ['id', 'place', 'minutes', 'bits'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'place', type: 'string'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'bits', type: 'number'),
])]
#[OA\Schema(schema: 'Mark', required: ['criterion', 'points', 'outOf', 'step', 'reason', 'parameters', 'remedy'], properties: [
    new OA\Property(property: 'criterion', type: 'string'),
    new OA\Property(property: 'points', type: 'number'),
    new OA\Property(property: 'outOf', type: 'integer'),
    new OA\Property(property: 'step', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'reason', type: 'string'),
    new OA\Property(property: 'parameters', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')])),
    new OA\Property(property: 'remedy', type: 'string'),
    new OA\Property(property: 'rule', description: 'as it was told beforehand', type: 'string'),
    new OA\Property(property: 'entry', description: 'what was written at its step', oneOf: [new OA\Schema(type: 'object'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'shown', description: 'beside it, what the instrument or the eye had shown'),
    new OA\Property(property: 'rivals', description: 'what else was open by the card, at a repair', type: 'array', items: new OA\Items(ref: '#/components/schemas/Likely')),
])]
final readonly class ReportResource
{
    /**
     * A closed job whose report is not open yet: that it was received.
     *
     * @param  array<string, mixed>  $release  as ReleaseResource has it
     * @return array<string, mixed>
     */
    public static function received(Attempt $attempt, Job $job, array $release): array
    {
        return [...self::of($attempt, $job, $release, null, null, null), 'cause' => [], 'steps' => [], 'marks' => null, 'standing' => null];
    }

    /**
     * @param  array<string, mixed>  $release  as ReleaseResource has it
     * @param  ?array<string, mixed>  $marking  as MarkingResource has it
     * @param  ?array<string, mixed>  $decided
     * @param  ?array<string, mixed>  $sensible  a path worked by advice alone
     * @return array<string, mixed>
     */
    public static function of(Attempt $attempt, Job $job, array $release, ?array $marking, ?array $decided, ?array $sensible): array
    {
        $case = $job->case;

        return [
            ...CaseText::told($case, $attempt->assignment),
            'apprentice' => $attempt->apprentice->name,
            'pair' => Places::shares($attempt),
            'startedAt' => $attempt->started_at->toIso8601String(),
            'concludedAt' => $attempt->concluded_at?->toIso8601String(),
            'car' => CarResource::of($case->sound),
            'cause' => array_map(static fn (Fault $fault): array => [
                'channel' => $fault->channel, 'station' => $fault->kind->station, 'defect' => $fault->kind->defect, 'conductor' => $fault->conductor,
            ], $case->faults),
            'steps' => StepResource::all($attempt->actions, $job, told: true),
            'remarks' => NewsResource::remarks($attempt),
            'closedBy' => $attempt->closed_by,
            'release' => $release,
            'marking' => $marking,
            'marks' => $attempt->concluded_at === null ? null : $attempt->markSheet?->sheet,
            'decided' => $decided,
            'standing' => StandingResource::of($attempt),
            'sensible' => $sensible,
        ];
    }
}
