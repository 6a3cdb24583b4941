<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\AttemptSeed;
use App\Attempts\HeldAnswers;
use App\Attempts\JobFold;
use App\Models\Attempt;
use App\Models\CaseVersion;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
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
    public function index(Request $request, JobFold $fold): JsonResponse
    {
        Gate::authorize('list', CaseVersion::class);
        $user = $request->user();
        assert($user instanceof User);
        $attempts = Attempt::query()->withCount(['actions' => HeldAnswers::onlyShown(...)])->where('apprentice_id', $user->id)->get()->keyBy('case_version_id');

        /** @var Collection<int, CaseVersion> $versions */
        $versions = CaseVersion::query()->whereIn('group_id', $user->groupIds())->orWhereIn('id', $attempts->keys())->orderBy('id')->get(); // what was begun is finished, in whatever group one is by then

        return new JsonResponse($versions->map(static fn (CaseVersion $version): array => self::row($version, $attempts->get($version->id), $fold))->all());
    }

    #[OA\Post(path: '/api/jobs/{job}/attempt', operationId: 'startJob', parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'my attempt at this job, begun or taken up again', content: new OA\JsonContent(required: ['attempt'], properties: [new OA\Property(property: 'attempt', type: 'integer')])),
    ])]
    public function start(Request $request, CaseVersion $job, AttemptSeed $seed): JsonResponse
    {
        Gate::authorize('work', $job);
        $user = $request->user();
        assert($user instanceof User);
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
