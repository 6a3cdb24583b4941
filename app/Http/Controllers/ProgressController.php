<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\Progress;
use App\Attempts\Releases;
use App\Models\Attempt;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How somebody, or a group, does from job to job. */
#[OA\Schema(schema: 'Progress', required: ['jobs', 'overTime', 'goals', 'criteria', 'stages', 'mistakes'], properties: [
    new OA\Property(property: 'jobs', description: 'marked ones', type: 'integer'),
    new OA\Property(property: 'overTime', description: 'the oldest first', type: 'array', items: new OA\Items(required: ['at', 'jobTitle', 'share'], properties: [
        new OA\Property(property: 'at', type: 'string', format: 'date-time'),
        new OA\Property(property: 'jobTitle', type: 'string'),
        new OA\Property(property: 'share', description: 'of the points there are, 0 to 1', type: 'number'),
    ], type: 'object')),
    new OA\Property(property: 'goals', description: 'by what the cases are to teach, the lowest first', type: 'array', items: new OA\Items(ref: '#/components/schemas/ProgressShare')),
    new OA\Property(property: 'criteria', description: 'by what is marked, the lowest first', type: 'array', items: new OA\Items(ref: '#/components/schemas/ProgressShare')),
    new OA\Property(property: 'stages', description: 'means of a job, in the order of work', type: 'array', items: new OA\Items(required: ['stage', 'minutes', 'lost'], properties: [
        new OA\Property(property: 'stage', ref: '#/components/schemas/Stage'),
        new OA\Property(property: 'minutes', description: 'spent', type: 'number'),
        new OA\Property(property: 'lost', description: 'points, at a step of it', type: 'number'),
    ], type: 'object')),
    new OA\Property(property: 'mistakes', description: 'known by name, the commonest first', type: 'array', items: new OA\Items(required: ['name', 'jobs'], properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'jobs', description: 'in so many of them', type: 'integer'),
    ], type: 'object')),
])]
#[OA\Schema(schema: 'ProgressShare', required: ['name', 'share', 'jobs'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'share', description: 'mean of the points there are, 0 to 1', type: 'number'),
    new OA\Property(property: 'jobs', type: 'integer'),
])]
final readonly class ProgressController
{
    private const LOADED = ['version.draft', 'assignment', 'markSheet', 'overrides', 'actions:attempt_id,number,action,minutes'];

    public function __construct(private Progress $progress)
    {
    }

    #[OA\Get(path: '/api/account/progress', operationId: 'readOwnProgress', responses: [
        new OA\Response(response: 200, description: 'of my jobs whose reports are open', content: new OA\JsonContent(ref: '#/components/schemas/Progress')),
        new OA\Response(response: 409, description: 'I am at work on an examination', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function mine(Request $request, Releases $releases): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $attempts = Attempt::query()->with(self::LOADED)->tap(static fn ($all) => Attempt::of($all, $user))->whereNotNull('concluded_at')->orderBy('id')->get();

        return new JsonResponse($this->progress->of($attempts->filter(static fn (Attempt $one): bool => $releases->isOpen($one->assignment))));
    }

    #[OA\Get(path: '/api/groups/{group}/progress', operationId: 'readProgress', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'of a group', content: new OA\JsonContent(ref: '#/components/schemas/Progress')),
        new OA\Response(response: 403, description: 'not a group of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function ofGroup(Group $group): JsonResponse
    {
        Gate::authorize('manage', $group);
        $people = $group->people->where('role', Role::Apprentice)->modelKeys();
        $attempts = Attempt::query()->with(self::LOADED)->whereIn('apprentice_id', $people)->whereNotNull('concluded_at')->whereHas('markSheet')->orderBy('id')->get();

        return new JsonResponse($this->progress->of($attempts));
    }
}
