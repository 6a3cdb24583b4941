<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\Publication;
use App\Attempts\Release;
use App\Http\Requests\PublicationRequest;
use App\Http\Resources\CaseResource;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class PublicationController
{
    #[OA\Post(path: '/api/cases/{case}/versions', operationId: 'publishCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(properties: [
        new OA\Property(property: 'group', description: 'to whom; may be left out by an instructor of one group', type: 'integer'),
        new OA\Property(property: 'release', description: 'left out: at once where advice may be asked, else by the instructor', ref: '#/components/schemas/NewRelease'),
    ], type: 'object')), responses: [
        new OA\Response(response: 200, description: 'the group has just this already: nothing was done', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 201, description: 'frozen and given to the group', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 422, description: 'no group of mine, or no such release', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(PublicationRequest $request, CaseDraft $case, Publication $publication, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $release = $request->release() ?? Release::usual(($case->document['practice'] ?? false) === true);
        if ($publication->isGiven($case, $request->group(), $release)) {
            return new JsonResponse(CaseResource::of($case));
        }
        $version = $publication->of($case, $request->group(), $release);
        $log->note(LogKind::Published, $user, "{$case->document['name']}, {$version->number}");

        return new JsonResponse(CaseResource::of($case), 201);
    }
}
