<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\People;
use App\Http\Requests\PersonRequest;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PersonRow', required: ['id', 'name', 'signIn', 'role', 'group', 'choosesPassword', 'seenAt', 'mayBeReset'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'signIn', type: 'string'),
    new OA\Property(property: 'role', type: 'string', enum: ['administrator', 'instructor', 'apprentice']),
    new OA\Property(property: 'group', type: 'string'),
    new OA\Property(property: 'choosesPassword', description: 'has a password for once that was not used yet', type: 'boolean'),
    new OA\Property(property: 'seenAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'mayBeReset', type: 'boolean'),
])]
#[OA\Schema(schema: 'PasswordForOnce', required: ['name', 'signIn', 'password'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'signIn', type: 'string'),
    new OA\Property(property: 'password', description: 'told this once', type: 'string'),
])]
final readonly class PersonController
{
    public function __construct(private People $people)
    {
    }

    #[OA\Get(path: '/api/people', operationId: 'listPeople', responses: [
        new OA\Response(response: 200, description: 'the apprentices of an instructor, everybody for the administrator', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PersonRow'))),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('list', User::class);
        $people = $this->people->of(self::user($request));
        $seen = SignIn::query()->whereIn('user_id', $people->modelKeys())->orderBy('seen_at')->get()->keyBy('user_id');

        return new JsonResponse($people->map(static fn (User $one): array => [
            'id' => $one->id,
            'name' => $one->name,
            'signIn' => $one->sign_in,
            'role' => $one->role->value,
            'group' => $one->group->name,
            'choosesPassword' => $one->chooses_password,
            'seenAt' => $seen->get($one->id)?->seen_at->toIso8601String(),
            'mayBeReset' => Gate::allows('resetPassword', $one),
        ])->values()->all());
    }

    #[OA\Post(path: '/api/people', operationId: 'addPerson', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewPerson')), responses: [
        new OA\Response(response: 201, description: 'added to the class', content: new OA\JsonContent(ref: '#/components/schemas/PasswordForOnce')),
        new OA\Response(response: 403, description: 'not for this role', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no name, or somebody signs in like that', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function add(PersonRequest $request): JsonResponse
    {
        [$person, $password] = $this->people->add(self::user($request), $request->string('name')->trim()->toString(), $request->string('signIn')->toString(), $request->role());

        return self::told($person, $password, 201);
    }

    #[OA\Post(path: '/api/people/{person}/password', operationId: 'resetPassword', parameters: [new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'a password for once; signed out everywhere', content: new OA\JsonContent(ref: '#/components/schemas/PasswordForOnce')),
        new OA\Response(response: 403, description: 'somebody else\'s apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function resetPassword(Request $request, User $person): JsonResponse
    {
        Gate::authorize('resetPassword', $person);

        return self::told($person, $this->people->reset(self::user($request), $person), 200);
    }

    private static function told(User $person, #[\SensitiveParameter] string $password, int $status): JsonResponse
    {
        return new JsonResponse(['name' => $person->name, 'signIn' => $person->sign_in, 'password' => $password], $status, ['Cache-Control' => 'no-store']);
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
