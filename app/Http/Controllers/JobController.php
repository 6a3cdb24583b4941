<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\Beginnings;
use App\Attempts\CaseText;
use App\Attempts\HeldAnswers;
use App\Attempts\JobFold;
use App\Attempts\Offers;
use App\Attempts\Releases;
use App\Attempts\Variants;
use App\Http\Requests\StartRequest;
use App\Lesson\Places;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Lernfall\Evidence\Variation\Variation;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'JobRow', required: ['id', 'jobTitle', 'complaint', 'car', 'publishedAt', 'endsAt', 'attempt', 'state', 'canBegin', 'isPrepared', 'reportIsOpen', 'try', 'tries', 'minutesAllowed', 'annulledBecause', 'steps', 'partner'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'jobTitle', type: 'string'),
    new OA\Property(property: 'complaint', type: 'string'),
    new OA\Property(property: 'car', type: 'string'),
    new OA\Property(property: 'publishedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'endsAt', description: 'until when it can be begun', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'attempt', description: 'my newest', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'state', type: 'string', enum: ['new', 'under-way', 'concluded']),
    new OA\Property(property: 'canBegin', description: 'for the first time, or again', type: 'boolean'),
    new OA\Property(property: 'isPrepared', description: 'false while its cars are being made ready', type: 'boolean'),
    new OA\Property(property: 'reportIsOpen', description: 'of my newest, which is closed', type: 'boolean'),
    new OA\Property(property: 'try', description: 'which of my jobs of it', type: 'integer'),
    new OA\Property(property: 'tries', description: 'null: as often as I like', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'minutesAllowed', description: 'for me, by the clock; null: as long as I like', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'annulledBecause', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'steps', type: 'integer'),
    new OA\Property(property: 'partner', description: 'with whom I work it', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
])]
final readonly class JobController
{
    public function __construct(private Offers $offers, private Variants $variants, private Releases $releases)
    {
    }

    #[OA\Get(path: '/api/jobs', operationId: 'listJobs', responses: [
        new OA\Response(response: 200, description: 'the jobs that were given to me or my groups, and those I have begun', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/JobRow'))),
    ])]
    public function index(Request $request, JobFold $fold): JsonResponse
    {
        Gate::authorize('list', Assignment::class);
        $user = $request->user();
        assert($user instanceof User);
        $attempts = Attempt::query()->with(['version', 'apprentice', 'pairing.partner'])->withCount(['actions' => HeldAnswers::onlyShown(...)])->tap(static fn ($all) => Attempt::of($all, $user))->orderBy('id')->get()->keyBy('assignment_id');
        $open = $this->offers->open($user)->modelKeys();

        return new JsonResponse($this->offers->to($user)->map(fn (Assignment $one): array => $this->row($one, $user, $attempts->get($one->id), in_array($one->id, $open, true), $fold))->all());
    }

    #[OA\Post(path: '/api/jobs/{job}/attempt', operationId: 'startJob', parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/Start')), responses: [
        new OA\Response(response: 200, description: 'my attempt at this job, begun or taken up again', content: new OA\JsonContent(required: ['attempt'], properties: [new OA\Property(property: 'attempt', type: 'integer')])),
        new OA\Response(response: 403, description: 'given to others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'taken back, over, tried as often as one may, or a newer version has taken its place', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function start(StartRequest $request, Assignment $job, Beginnings $beginnings): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $latest = Attempt::query()->where('assignment_id', $job->id)->tap(static fn ($all) => Attempt::of($all, $user))->orderByDesc('id')->first();
        if ($latest !== null && ($latest->concluded_at === null || ! $request->boolean('again'))) {
            return new JsonResponse(['attempt' => $latest->id]);
        }
        if (! $this->offers->canBegin($job, $user)) {
            return new JsonResponse(['message' => Strings::text('jobs.not-offered')], 409);
        }
        if ($this->variants->areAwaited($job)) {
            return new JsonResponse(['message' => Strings::text('jobs.being-prepared')], 409);
        }
        $attempt = $beginnings->begin($job, $user, 1 + (int) $job->attempts()->where('apprentice_id', $user->id)->max('number'));

        return new JsonResponse(['attempt' => $attempt->id]);
    }

    /** @return array<string, mixed> */
    private function row(Assignment $assignment, User $apprentice, ?Attempt $attempt, bool $canBegin, JobFold $fold): array
    {
        $case = $fold->document($attempt === null ? $assignment->version : $attempt->version)->case;

        return [
            'id' => $assignment->id,
            ...($attempt === null && $assignment->variation !== Variation::None ? CaseText::anywhere($case) : CaseText::told($case, $assignment)),
            'car' => $case->sound->model->name,
            'publishedAt' => $assignment->given_at->toIso8601String(),
            'endsAt' => $assignment->ends_at?->toIso8601String(),
            'attempt' => $attempt?->id,
            'state' => match (true) {
                $attempt === null => 'new',
                $attempt->concluded_at === null => 'under-way',
                default => 'concluded',
            },
            'canBegin' => $canBegin && ! $this->variants->areAwaited($assignment),
            'isPrepared' => ! $this->variants->areAwaited($assignment),
            'reportIsOpen' => $attempt?->concluded_at !== null && $this->releases->isOpen($assignment),
            'try' => $attempt->number ?? 1,
            'tries' => $assignment->tries,
            'minutesAllowed' => $assignment->minutes_allowed === null ? null : intdiv($assignment->minutes_allowed * (100 + $apprentice->extra_time_percent), 100),
            'annulledBecause' => $assignment->annulled_because,
            'steps' => (int) ($attempt?->getAttribute('actions_count') ?? 0),
            'partner' => $attempt?->pair() === null ? null : Places::other($attempt, $apprentice)->name,
        ];
    }
}
