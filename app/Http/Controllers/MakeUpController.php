<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\Publication;
use App\Http\Requests\MakeUpRequest;
use App\Http\Resources\CaseResource;
use App\Jobs\PrepareVariants;
use App\Models\Assignment;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Whoever missed an assignment works another fault worth as much, on the same terms. */
final readonly class MakeUpController
{
    #[OA\Post(path: '/api/assignments/{assignment}/people/{person}/make-up', operationId: 'giveMakeUp', parameters: [
        new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer')),
        new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'given before: nothing was done', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 201, description: 'given to them alone', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither absent, excused nor interrupted', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(MakeUpRequest $request, Assignment $assignment, User $person, Publication $publication, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $makeUp = $publication->makeUp($assignment, $person);
        if ($makeUp->wasRecentlyCreated) {
            PrepareVariants::dispatch($makeUp->id);
            $log->note(LogKind::MadeUp, $user, "$person->name, {$assignment->version->draft->document['name']}");
        }

        return new JsonResponse(CaseResource::of($assignment->version->draft), $makeUp->wasRecentlyCreated ? 201 : 200);
    }
}
