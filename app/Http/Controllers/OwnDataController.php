<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\OwnData;
use App\Http\Requests\SettingsRequest;
use App\Http\Resources\UserResource;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** How somebody reads, and everything that is kept of them. */
final readonly class OwnDataController
{
    #[OA\Put(path: '/api/account/settings', operationId: 'changeSettings', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewSettings')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: '#/components/schemas/User')),
        new OA\Response(response: 422, description: 'no such sign', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function change(SettingsRequest $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $user->update(['decimal_sign' => $request->string('decimalSign')->toString(), 'larger_type' => $request->boolean('largerType'), 'theme' => $request->string('theme', $user->theme)->toString()]);

        return new JsonResponse(UserResource::of($user));
    }

    #[OA\Get(path: '/api/account/data', operationId: 'readOwnData', responses: [
        new OA\Response(response: 200, description: 'everything that is kept of me, as a file', content: new OA\JsonContent(type: 'object')),
        new OA\Response(response: 409, description: 'I am at work on an examination', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(Request $request, OwnData $data): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse($data->of($user), 200, ['Content-Disposition' => 'attachment; filename="lernfall.json"', 'Cache-Control' => 'no-store'], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE);
    }
}
