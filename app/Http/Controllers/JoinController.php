<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\Joining;
use App\Accounts\LogKind;
use App\Accounts\SignIns;
use App\Http\Requests\EnterRequest;
use App\Http\Requests\JoinRequest;
use App\Http\Requests\LookRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;
use OpenApi\Attributes as OA;

/** Somebody who is nobody here yet comes in with the code of a class. */
final readonly class JoinController
{
    public function __construct(private Joining $joining)
    {
    }

    #[OA\Post(path: '/api/join/look', operationId: 'lookAtClass', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Look')), responses: [
        new OA\Response(response: 200, description: 'the class, and who is on its list and has no password of their own yet', content: new OA\JsonContent(required: ['group', 'listed'], properties: [
            new OA\Property(property: 'group', type: 'string'),
            new OA\Property(property: 'listed', type: 'array', items: new OA\Items(required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string')], type: 'object')),
        ])),
        new OA\Response(response: 422, description: 'no such code, or its time is over', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'too many wrong ones', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function look(LookRequest $request): JsonResponse
    {
        $group = $request->joinCode()->group;

        return new JsonResponse(['group' => $group->name, 'listed' => $this->joining->listed($group)->map(static fn (User $one): array => ['id' => $one->id, 'name' => $one->name])->values()->all()]);
    }

    #[OA\Post(path: '/api/join', operationId: 'askToJoin', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Join')), responses: [
        new OA\Response(response: 202, description: 'asked: an instructor lets in', content: new OA\JsonContent(required: ['token'], properties: [new OA\Property(property: 'token', description: 'to come back with', type: 'string')])),
        new OA\Response(response: 422, description: 'something is missing or taken', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'too many wrong codes', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function ask(JoinRequest $request): JsonResponse
    {
        $token = $this->joining->ask($request->joinCode()->group, $request->listed(), $request->string('name')->toString(), $request->string('signIn')->toString(), $request->string('password')->toString());

        return new JsonResponse(['token' => $token], 202);
    }

    #[OA\Post(path: '/api/join/enter', operationId: 'enter', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Enter')), responses: [
        new OA\Response(response: 200, description: 'whether I am let in; then I am signed in', content: new OA\JsonContent(required: ['state', 'user'], properties: [
            new OA\Property(property: 'state', type: 'string', enum: ['waiting', 'refused', 'let-in']),
            new OA\Property(property: 'user', oneOf: [new OA\Schema(ref: '#/components/schemas/User'), new OA\Schema(type: 'null')]),
        ])),
        new OA\Response(response: 404, description: 'nobody asked with this', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function enter(EnterRequest $request, SignIns $signIns, HouseLog $log): JsonResponse
    {
        $asked = $this->joining->of($request->string('token')->toString());
        if ($asked === null) {
            return new JsonResponse(['message' => Strings::text('join.nobody')], 404);
        }
        if ($asked->let_in_at === null || $asked->user === null) {
            return new JsonResponse(['state' => $asked->refused_at === null ? 'waiting' : 'refused', 'user' => null]);
        }
        $asked->update(['token' => hash('sha256', random_bytes(32))]); // once
        Auth::login($asked->user);
        $request->session()->regenerate();
        $signIns->begin($request->session(), $asked->user, (string) $request->ip());
        $log->note(LogKind::SignedIn, $asked->user);

        return new JsonResponse(['state' => 'let-in', 'user' => UserResource::of($asked->user)]);
    }
}
