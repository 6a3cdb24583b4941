<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Accounts\Memberships;
use App\Http\Requests\GroupRequest;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Group', required: ['id', 'name', 'instructors', 'apprentices'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'instructors', description: 'their names', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'apprentices', description: 'how many there are today', type: 'integer'),
])]
final readonly class GroupController
{
    #[OA\Get(path: '/api/groups', operationId: 'listGroups', responses: [
        new OA\Response(response: 200, description: 'the groups of an instructor, all for the administrator', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Group'))),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('list', Group::class);

        return new JsonResponse(Group::of(self::user($request))->with('people')->get()->map(self::row(...))->all());
    }

    #[OA\Post(path: '/api/groups', operationId: 'addGroup', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewGroup')), responses: [
        new OA\Response(response: 201, description: 'made; an instructor who makes one teaches it', content: new OA\JsonContent(ref: '#/components/schemas/Group')),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no name, or one that a group has', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function add(GroupRequest $request, Memberships $memberships, HouseLog $log): JsonResponse
    {
        $user = self::user($request);
        $group = Group::query()->create(['name' => $request->string('name')->trim()->toString()]);
        if ($user->isInstructor()) {
            $memberships->join($user, $group);
        }
        $log->note(LogKind::GroupMade, $user, $group->name);

        return new JsonResponse(self::row($group->load('people')), 201);
    }

    #[OA\Put(path: '/api/groups/{group}', operationId: 'renameGroup', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewGroup')), responses: [
        new OA\Response(response: 200, description: 'renamed', content: new OA\JsonContent(ref: '#/components/schemas/Group')),
        new OA\Response(response: 403, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no name, or one that a group has', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function rename(GroupRequest $request, Group $group): JsonResponse
    {
        $group->update(['name' => $request->string('name')->trim()->toString()]);

        return new JsonResponse(self::row($group->load('people')));
    }

    /** @return array<string, mixed> */
    private static function row(Group $group): array
    {
        return [
            'id' => $group->id,
            'name' => $group->name,
            'instructors' => $group->people->where('role', Role::Instructor)->pluck('name')->values()->all(),
            'apprentices' => $group->people->where('role', Role::Apprentice)->count(),
        ];
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
