<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Deletion;
use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Accounts\Passwords;
use App\Accounts\People;
use App\Http\Requests\MembershipRequest;
use App\Http\Requests\PersonRequest;
use App\Http\Resources\PersonResource;
use App\Models\Group;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PasswordForOnce', required: ['name', 'signIn', 'password'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'signIn', type: 'string'),
    new OA\Property(property: 'password', description: 'told until it has been used; null where it was told before it could be', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
])]
final readonly class PersonController
{
    public function __construct(private People $people, private HouseLog $log)
    {
    }

    #[OA\Get(path: '/api/people', operationId: 'listPeople', responses: [
        new OA\Response(response: 200, description: 'the apprentices of an instructor, everybody for the administrator', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PersonRow'))),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('list', User::class);
        $user = self::user($request);
        $people = $this->people->of($user);
        $seen = SignIn::query()->whereIn('user_id', $people->modelKeys())->orderBy('seen_at')->get()->keyBy('user_id');
        $mine = self::groups($user);

        return new JsonResponse($people->map(static fn (User $one): array => PersonResource::of($one, $mine, $seen->get($one->id)))->values()->all());
    }

    #[OA\Get(path: '/api/people/cards', operationId: 'readCards', responses: [
        new OA\Response(response: 200, description: 'of whoever has not signed in yet with a password for once', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PasswordForOnce'))),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function cards(Request $request): JsonResponse
    {
        Gate::authorize('list', User::class);
        $people = $this->people->of(self::user($request))->filter(static fn (User $one): bool => $one->chooses_password && Gate::allows('resetPassword', $one));

        return self::secret($people->map(self::told(...))->values()->all());
    }

    #[OA\Post(path: '/api/people', operationId: 'addPerson', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewPerson')), responses: [
        new OA\Response(response: 201, description: 'added to the class', content: new OA\JsonContent(ref: '#/components/schemas/PasswordForOnce')),
        new OA\Response(response: 403, description: 'not for this role', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no name, or somebody signs in like that', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function add(PersonRequest $request): JsonResponse
    {
        $person = $this->people->add(self::user($request), $request->string('name')->trim()->toString(), $request->string('signIn')->toString(), $request->role(), $request->groups());

        return self::secret(self::told($person), 201);
    }

    #[OA\Post(path: '/api/people/{person}/password', operationId: 'resetPassword', parameters: [new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'a password for once; signed out everywhere', content: new OA\JsonContent(ref: '#/components/schemas/PasswordForOnce')),
        new OA\Response(response: 403, description: 'somebody else\'s apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function resetPassword(Request $request, User $person): JsonResponse
    {
        Gate::authorize('resetPassword', $person);

        return self::secret(self::told($this->people->reset(self::user($request), $person)));
    }

    #[OA\Put(path: '/api/people/{person}/groups', operationId: 'regroup', parameters: [new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ChosenGroups')), responses: [
        new OA\Response(response: 200, description: 'in these of the groups I answer for, and in no other of them', content: new OA\JsonContent(ref: '#/components/schemas/PersonRow')),
        new OA\Response(response: 403, description: 'somebody else\'s apprentice', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function regroup(MembershipRequest $request, User $person): JsonResponse
    {
        $user = self::user($request);

        return new JsonResponse(PersonResource::of($this->people->regroup($user, $person, $request->groups()), self::groups($user), null));
    }

    #[OA\Delete(path: '/api/people/{person}', operationId: 'deletePerson', parameters: [new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'nothing of them is left'),
        new OA\Response(response: 403, description: 'not by me', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function delete(Request $request, User $person, Deletion $deletion): Response
    {
        Gate::authorize('delete', $person);
        $deletion->of($person);
        $this->log->note(LogKind::PersonDeleted, self::user($request));

        return new Response(status: 204);
    }

    /** @return array{name: string, signIn: string, password: ?string} the password while it can be told: not of those given before it was kept */
    private static function told(User $person): array
    {
        return ['name' => $person->name, 'signIn' => $person->sign_in, 'password' => Passwords::once($person)];
    }

    /** @param  array<array-key, mixed>  $told */
    private static function secret(array $told, int $status = 200): JsonResponse
    {
        return new JsonResponse($told, $status, ['Cache-Control' => 'no-store']);
    }

    /** @return list<int> */
    private static function groups(User $user): array
    {
        return array_values(Group::of($user)->pluck('id')->all());
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
