<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\Publication;
use App\Http\Resources\CaseResource;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class PublicationController
{
    #[OA\Post(path: '/api/cases/{case}/versions', operationId: 'publishCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 201, description: 'frozen and given to the group', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
    ])]
    public function __invoke(Request $request, CaseDraft $case, Publication $publication): JsonResponse
    {
        Gate::authorize('own', $case);
        $user = $request->user();
        assert($user instanceof User);
        $publication->of($case, $user->group_id);

        return new JsonResponse(CaseResource::of($case->load('versions.attempts')), 201);
    }
}
