<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\Offers;
use App\Models\Attempt;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Who of a group has nothing to do: nothing under way, and nothing to begin for the first time. */
final readonly class WithoutJobController
{
    #[OA\Get(path: '/api/groups/{group}/without-job', operationId: 'listWithoutJob', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'names of apprentices', content: new OA\JsonContent(required: ['apprentices', 'people'], properties: [
            new OA\Property(property: 'apprentices', description: 'how many there are', type: 'integer'),
            new OA\Property(property: 'people', type: 'array', items: new OA\Items(type: 'string')),
        ])),
        new OA\Response(response: 403, description: 'not a group of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Group $group, Offers $offers): JsonResponse
    {
        Gate::authorize('manage', $group);
        $apprentices = $group->people->where('role', Role::Apprentice);
        $jobs = Attempt::query()->with(['assignment', 'pairing'])->whereNotNull('assignment_id')
            ->where(static fn ($one) => $apprentices->each(static fn (User $person) => $one->orWhere(static fn ($of) => Attempt::of($of, $person))))->get();
        $isAtWork = static fn (User $one): bool => $jobs->contains(static fn (Attempt $job): bool => $job->isWorkedBy($one) && $job->concluded_at === null && $job->assignment?->annulled_at === null);
        $hasNew = static fn (User $one): bool => $offers->open($one)->whereNotIn('id', $jobs->filter(static fn (Attempt $job): bool => $job->isWorkedBy($one))->pluck('assignment_id'))->isNotEmpty();

        return new JsonResponse([
            'apprentices' => $apprentices->count(),
            'people' => $apprentices->reject(static fn (User $one): bool => $isAtWork($one) || $hasNew($one))->pluck('name')->values()->all(),
        ]);
    }
}
