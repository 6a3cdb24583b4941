<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Models\LogEntry;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LogRow', required: ['id', 'at', 'kind', 'who', 'about', 'address'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'kind', type: 'string', enum: ['signed-in', 'sign-in-failed', 'sign-in-slowed', 'signed-out', 'session-ended', 'refused', 'published', 'reports-opened', 'overridden', 'person-added', 'password-reset', 'password-changed', 'renamed']),
    new OA\Property(property: 'who', type: 'string'),
    new OA\Property(property: 'about', type: 'string'),
    new OA\Property(property: 'address', description: 'for the administrator', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
])]
final readonly class LogController
{
    #[OA\Get(path: '/api/log', operationId: 'readLog', responses: [
        new OA\Response(response: 200, description: 'what happened, the newest first: of the class for an instructor, everything for the administrator', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/LogRow'))),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Request $request, HouseLog $log): JsonResponse
    {
        Gate::authorize('read', LogEntry::class);
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse($log->readBy($user)->map(static fn (LogEntry $one): array => [
            'id' => $one->id,
            'at' => $one->at->toIso8601String(),
            'kind' => $one->kind->value,
            'who' => $one->who,
            'about' => $one->about,
            'address' => $user->isAdministrator() ? $one->address : null,
        ])->all());
    }
}
