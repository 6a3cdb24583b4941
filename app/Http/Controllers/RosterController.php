<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Passwords;
use App\Accounts\Roster\Roster;
use App\Accounts\Roster\RosterIntake;
use App\Accounts\Roster\RosterRow;
use App\Http\Requests\RosterRequest;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Many people at once, from a table: looked at first, then all of them or nobody. */
#[OA\Schema(schema: 'RosterRow', required: ['line', 'name', 'signIn', 'group', 'problem'], properties: [
    new OA\Property(property: 'line', description: 'of the file', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'signIn', description: 'made from the name where the file has none', type: 'string'),
    new OA\Property(property: 'group', description: 'a name; empty where it is left open', type: 'string'),
    new OA\Property(property: 'problem', description: 'why this row cannot be taken; null where it can', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'RosterRead', required: ['encoding', 'delimiter', 'rows', 'newGroups', 'needsGroup'], properties: [
    new OA\Property(property: 'encoding', description: 'as it was recognised', type: 'string'),
    new OA\Property(property: 'delimiter', description: 'as it was recognised', type: 'string'),
    new OA\Property(property: 'rows', type: 'array', items: new OA\Items(ref: '#/components/schemas/RosterRow')),
    new OA\Property(property: 'newGroups', description: 'that are made with it', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'needsGroup', description: 'somebody\'s group is left open', type: 'boolean'),
])]
final readonly class RosterController
{
    #[OA\Post(path: '/api/people/roster-check', operationId: 'readRoster', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/RosterFile')), responses: [
        new OA\Response(response: 200, description: 'as it was read; nobody is added', content: new OA\JsonContent(ref: '#/components/schemas/RosterRead')),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no file, too large, or nobody in it', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function check(RosterRequest $request): JsonResponse
    {
        $roster = Roster::read($request->bytes(), self::user($request));

        return new JsonResponse([
            'encoding' => $roster->encoding,
            'delimiter' => $roster->delimiter,
            'rows' => array_map(static fn (RosterRow $one): array => $one->shown(), $roster->rows),
            'newGroups' => $roster->newGroups(),
            'needsGroup' => $roster->needsGroup(),
        ]);
    }

    #[OA\Post(path: '/api/people/roster', operationId: 'addRoster', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/RosterFile')), responses: [
        new OA\Response(response: 201, description: 'all of them added', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PasswordForOnce'))),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'a row that cannot be taken, or no group: nobody is added', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function add(RosterRequest $request, RosterIntake $intake): JsonResponse
    {
        $user = self::user($request);
        $roster = Roster::read($request->bytes(), $user);
        $group = $request->group();
        if (! $roster->isInOrder()) {
            throw ValidationException::withMessages(['csv' => Strings::text('roster.not-in-order')]);
        }
        if ($group === null && $roster->needsGroup()) {
            throw ValidationException::withMessages(['group' => Strings::text('form.group-missing')]);
        }

        return new JsonResponse(array_map(static fn (User $one): array => ['name' => $one->name, 'signIn' => $one->sign_in, 'password' => Passwords::once($one)], $intake->takeIn($roster, $user, $group)), 201, ['Cache-Control' => 'no-store']);
    }

    private static function user(RosterRequest $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
