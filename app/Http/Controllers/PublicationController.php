<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\Publication;
use App\Attempts\Variants;
use App\Http\Requests\PublicationRequest;
use App\Http\Resources\CaseResource;
use App\Jobs\PrepareDrives;
use App\Jobs\PrepareVariants;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class PublicationController
{
    #[OA\Post(path: '/api/cases/{case}/versions', operationId: 'publishCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/NewAssignment')), responses: [
        new OA\Response(response: 200, description: 'they have just this already: nothing was done', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 201, description: 'frozen and given out', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 409, description: 'they have an older version as an examination, and somebody has begun it', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no group of mine, or no such terms', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(PublicationRequest $request, CaseDraft $case, Publication $publication, HouseLog $log, Variants $variants): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $assignment = $publication->of($case, $request->groups(), $request->terms($case), $request->people());
        $isDone = $assignment->wasRecentlyCreated || $assignment->wasChanged();
        if ($isDone) {
            PrepareDrives::dispatch($assignment->case_version_id);
            $variants->areAwaited($assignment) && PrepareVariants::dispatch($assignment->id);
            $log->note(LogKind::Published, $user, "{$case->document['name']}, {$assignment->version->number}");
        }

        return new JsonResponse(CaseResource::of($case->unsetRelations()), $isDone ? 201 : 200);
    }
}
