<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Accounts\SigningIn;
use App\Accounts\SignIns;
use App\Accounts\TooSoon;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

#[OA\Info(version: '2', title: 'Lernfall', description: 'What the browser asks of the server. Actions and what they show are described by docs/schemas/action.schema.json.')]
#[OA\Schema(schema: 'Problem', required: ['message'], properties: [
    new OA\Property(property: 'message', type: 'string'),
    new OA\Property(property: 'errors', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
])]
final readonly class SessionController
{
    #[OA\Get(path: '/api/session', operationId: 'whoAmI', responses: [
        new OA\Response(response: 200, description: 'who is signed in', content: new OA\JsonContent(required: ['user', 'demo', 'address'], properties: [
            new OA\Property(property: 'address', description: 'of this machine in its network; empty where it is not known', type: 'string'),
            new OA\Property(property: 'demo', description: 'this is a demonstration: its accounts are known to everybody', type: 'boolean'),
            new OA\Property(property: 'user', oneOf: [new OA\Schema(ref: '#/components/schemas/User'), new OA\Schema(type: 'null')]),
        ])),
    ])]
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse(['user' => $user instanceof User ? UserResource::of($user) : null, 'demo' => config()->boolean('lernfall.demo'), 'address' => config()->string('lernfall.address')]);
    }

    #[OA\Post(path: '/api/session', operationId: 'signIn', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SignIn')), responses: [
        new OA\Response(response: 200, description: 'signed in', content: new OA\JsonContent(ref: '#/components/schemas/User')),
        new OA\Response(response: 422, description: 'not signed in', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'too many tries', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(SignInRequest $request, SigningIn $signingIn, SignIns $signIns, HouseLog $log): JsonResponse
    {
        try {
            $user = $signingIn->with($request->string('name')->toString(), $request->string('password')->toString(), (string) $request->ip());
        } catch (TooSoon $soon) {
            return new JsonResponse(['message' => Strings::text('form.too-many-tries', ['seconds' => $soon->seconds])], 429, ['Retry-After' => (string) $soon->seconds]);
        }
        if ($user === null) {
            throw ValidationException::withMessages(['password' => Strings::text('form.sign-in-wrong')]);
        }
        Auth::login($user);
        $request->session()->regenerate();
        $signIns->begin($request->session(), $user, (string) $request->ip());
        $log->note(LogKind::SignedIn, $user);

        return new JsonResponse(UserResource::of($user));
    }

    #[OA\Delete(path: '/api/session', operationId: 'signOut', responses: [new OA\Response(response: 204, description: 'signed out')])]
    public function destroy(Request $request, SignIns $signIns, HouseLog $log): Response
    {
        $here = $signIns->current($request->session());
        if ($here !== null) {
            $signIns->end($here);
            $log->note(LogKind::SignedOut, $here->user);
        }
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }
}
