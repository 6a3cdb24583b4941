<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Joining;
use App\Http\Requests\JoinCodeRequest;
use App\Http\Requests\LetInRequest;
use App\Models\Group;
use App\Models\JoinRequest;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The code by which a class comes in, and who waits to be let in. */
#[OA\Schema(schema: 'Door', required: ['code', 'endsAt', 'waiting'], properties: [
    new OA\Property(property: 'code', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'endsAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'waiting', type: 'array', items: new OA\Items(required: ['id', 'name', 'signIn', 'isListed', 'askedAt'], properties: [
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'signIn', type: 'string'),
        new OA\Property(property: 'isListed', description: 'is on the list of the group already', type: 'boolean'),
        new OA\Property(property: 'askedAt', type: 'string', format: 'date-time'),
    ], type: 'object')),
])]
final readonly class JoinCodeController
{
    public function __construct(private Joining $joining)
    {
    }

    #[OA\Get(path: '/api/groups/{group}/door', operationId: 'readDoor', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'the code, while there is one, and who waits', content: new OA\JsonContent(ref: '#/components/schemas/Door')),
        new OA\Response(response: 403, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(Group $group): JsonResponse
    {
        Gate::authorize('manage', $group);

        return new JsonResponse($this->door($group));
    }

    #[OA\Put(path: '/api/groups/{group}/door', operationId: 'openDoor', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewDoor')), responses: [
        new OA\Response(response: 200, description: 'a new code; one there was is none any more', content: new OA\JsonContent(ref: '#/components/schemas/Door')),
        new OA\Response(response: 403, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'not so long', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function open(JoinCodeRequest $request, Group $group): JsonResponse
    {
        $this->joining->open($group, now()->addMinutes($request->integer('minutes')));

        return new JsonResponse($this->door($group));
    }

    #[OA\Delete(path: '/api/groups/{group}/door', operationId: 'closeDoor', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'no code any more', content: new OA\JsonContent(ref: '#/components/schemas/Door')),
        new OA\Response(response: 403, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function close(Group $group): JsonResponse
    {
        Gate::authorize('manage', $group);
        $this->joining->close($group);

        return new JsonResponse($this->door($group));
    }

    #[OA\Put(path: '/api/join-requests/{joinRequest}', operationId: 'letIn', parameters: [new OA\PathParameter(name: 'joinRequest', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LetIn')), responses: [
        new OA\Response(response: 200, description: 'decided, or it was before', content: new OA\JsonContent(ref: '#/components/schemas/Door')),
        new OA\Response(response: 403, description: 'of a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function decide(LetInRequest $request, JoinRequest $joinRequest): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $request->boolean('letIn') ? $this->joining->letIn($user, $joinRequest) : $this->joining->refuse($joinRequest);

        return new JsonResponse($this->door($joinRequest->group));
    }

    /** @return array<string, mixed> */
    private function door(Group $group): array
    {
        $code = $this->joining->codeOf($group);

        return [
            'code' => $code?->code,
            'endsAt' => $code?->ends_at->toIso8601String(),
            'waiting' => $this->joining->waiting($group)->map(static fn (JoinRequest $one): array => [
                'id' => $one->id, 'name' => $one->name, 'signIn' => $one->sign_in, 'isListed' => $one->user_id !== null, 'askedAt' => $one->asked_at->toIso8601String(),
            ])->all(),
        ];
    }
}
