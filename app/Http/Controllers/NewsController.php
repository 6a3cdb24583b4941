<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\HelpRequest;
use App\Http\Resources\NewsResource;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What comes to a job from outside: time, pauses, remarks; and the hand that is raised for help. */
final readonly class NewsController
{
    #[OA\Get(path: '/api/attempts/{attempt}/news', operationId: 'readNews', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'of my job', content: new OA\JsonContent(ref: '#/components/schemas/News')),
        new OA\Response(response: 403, description: 'not mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function news(Request $request, Attempt $attempt): JsonResponse
    {
        Gate::authorize('work', $attempt);

        return new JsonResponse(NewsResource::of($attempt, self::reader($request)));
    }

    #[OA\Put(path: '/api/attempts/{attempt}/help', operationId: 'askForHelp', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/HelpWanted')), responses: [
        new OA\Response(response: 200, description: 'the instructor sees it', content: new OA\JsonContent(ref: '#/components/schemas/News')),
        new OA\Response(response: 403, description: 'not mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither yes nor no', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function help(HelpRequest $request, Attempt $attempt): JsonResponse
    {
        $wanted = $request->boolean('wanted') && $attempt->concluded_at === null;
        if ($wanted !== ($attempt->help_wanted_at !== null)) {
            $attempt->update(['help_wanted_at' => $wanted ? now() : null]);
        }

        return new JsonResponse(NewsResource::of($attempt, self::reader($request)));
    }

    private static function reader(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
