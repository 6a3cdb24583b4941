<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\AttemptSeed;
use App\Attempts\HeldAnswers;
use App\Attempts\JobFold;
use App\Attempts\Offers;
use App\Models\Attempt;
use App\Models\CaseVersion;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'JobRow', required: ['id', 'jobTitle', 'complaint', 'car', 'publishedAt', 'attempt', 'state', 'steps'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'jobTitle', type: 'string'),
    new OA\Property(property: 'complaint', type: 'string'),
    new OA\Property(property: 'car', type: 'string'),
    new OA\Property(property: 'publishedAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'attempt', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'state', type: 'string', enum: ['new', 'under-way', 'concluded']),
    new OA\Property(property: 'steps', type: 'integer'),
])]
final readonly class JobController
{
    #[OA\Get(path: '/api/jobs', operationId: 'listJobs', responses: [
        new OA\Response(response: 200, description: 'the jobs my groups have, and those I have begun', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/JobRow'))),
    ])]
    public function index(Request $request, JobFold $fold, Offers $offers): JsonResponse
    {
        Gate::authorize('list', CaseVersion::class);
        $user = $request->user();
        assert($user instanceof User);
        $attempts = Attempt::query()->withCount(['actions' => HeldAnswers::onlyShown(...)])->where('apprentice_id', $user->id)->get()->keyBy('case_version_id');

        $versions = $offers->to($user);

        return new JsonResponse($versions->map(static fn (CaseVersion $version): array => self::row($version, $attempts->get($version->id), $fold))->all());
    }

    #[OA\Post(path: '/api/jobs/{job}/attempt', operationId: 'startJob', parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'my attempt at this job, begun or taken up again', content: new OA\JsonContent(required: ['attempt'], properties: [new OA\Property(property: 'attempt', type: 'integer')])),
        new OA\Response(response: 403, description: 'given to others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'taken back, or a newer version has taken its place', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function start(Request $request, CaseVersion $job, AttemptSeed $seed, Offers $offers): JsonResponse
    {
        Gate::authorize('work', $job);
        $user = $request->user();
        assert($user instanceof User);
        if (! $offers->includes($job, $user)) {
            return new JsonResponse(['message' => Strings::text('jobs.not-offered')], 409);
        }
        $attempt = Attempt::query()->firstOrCreate(
            ['case_version_id' => $job->id, 'apprentice_id' => $user->id],
            ['seed' => $seed->draw($job, $user), 'started_at' => now()],
        );

        return new JsonResponse(['attempt' => $attempt->id]);
    }

    /** @return array<string, mixed> */
    private static function row(CaseVersion $version, ?Attempt $attempt, JobFold $fold): array
    {
        $case = $fold->document($version)->case;

        return [
            'id' => $version->id,
            'jobTitle' => $case->jobTitle,
            'complaint' => $case->complaint,
            'car' => $case->sound->model->name,
            'publishedAt' => $version->published_at->toIso8601String(),
            'attempt' => $attempt?->id,
            'state' => match (true) {
                $attempt === null => 'new',
                $attempt->concluded_at === null => 'under-way',
                default => 'concluded',
            },
            'steps' => (int) ($attempt?->getAttribute('actions_count') ?? 0),
        ];
    }
}
