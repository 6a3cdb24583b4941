<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Accounts\SignIns;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SignInRow', required: ['id', 'name', 'beganAt', 'seenAt', 'isThisOne', 'address'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'beganAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'seenAt', type: 'string', format: 'date-time'),
    new OA\Property(property: 'isThisOne', type: 'boolean'),
    new OA\Property(property: 'address', description: 'for the administrator, and of oneself', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
])]
final readonly class SignInController
{
    public function __construct(private SignIns $signIns)
    {
    }

    #[OA\Get(path: '/api/sign-ins', operationId: 'listSignIns', responses: [
        new OA\Response(response: 200, description: 'who is signed in: oneself, the apprentices of an instructor, everybody for the administrator', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/SignInRow'))),
    ])]
    public function index(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $here = $this->signIns->current($request->session());

        return new JsonResponse($this->signIns->seenBy($user)->map(static fn (SignIn $one): array => [
            'id' => $one->id,
            'name' => $one->user->name,
            'beganAt' => $one->began_at->toIso8601String(),
            'seenAt' => $one->seen_at->toIso8601String(),
            'isThisOne' => $one->id === $here?->id,
            'address' => $user->isAdministrator() || $one->user_id === $user->id ? $one->address : null,
        ])->values()->all());
    }

    #[OA\Delete(path: '/api/sign-ins/{signIn}', operationId: 'endSignIn', parameters: [new OA\PathParameter(name: 'signIn', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'ended: whoever works there has to sign in again, and loses nothing'),
        new OA\Response(response: 403, description: 'somebody else\'s', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function end(Request $request, SignIn $signIn, HouseLog $log): Response
    {
        Gate::authorize('end', $signIn);
        $user = $request->user();
        assert($user instanceof User);
        $this->signIns->end($signIn);
        $log->note(LogKind::SessionEnded, $user, $signIn->user->name);

        return new Response(status: 204);
    }
}
