<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Http\Requests\PauseRequest;
use App\Http\Requests\RemarkRequest;
use App\Http\Resources\CaseResource;
use App\Lesson\Concessions;
use App\Models\Assignment;
use App\Models\Remark;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** While an assignment is worked: everybody pauses and goes on, and is told something. */
final readonly class LessonController
{
    #[OA\Put(path: '/api/assignments/{assignment}/pause', operationId: 'pause', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewPause')), responses: [
        new OA\Response(response: 200, description: 'so it is, or it was so before', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither yes nor no', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function pause(PauseRequest $request, Assignment $assignment, Concessions $concessions, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $isPaused = $request->boolean('paused');
        if ($isPaused !== ($assignment->paused_at !== null)) {
            $concessions->pause($assignment, $isPaused, $user);
            $log->note($isPaused ? LogKind::Paused : LogKind::WentOn, $user, "{$assignment->version->draft->document['name']}, {$assignment->version->number}");
        }

        return new JsonResponse(CaseResource::of($assignment->version->draft));
    }

    #[OA\Post(path: '/api/assignments/{assignment}/remarks', operationId: 'remark', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewRemark')), responses: [
        new OA\Response(response: 204, description: 'it appears where they work'),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no text, or a job of another assignment', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function remark(RemarkRequest $request, Assignment $assignment): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        Remark::query()->create([
            'assignment_id' => $assignment->id, 'attempt_id' => $request->filled('attempt') ? $request->integer('attempt') : null,
            'author_id' => $user->id, 'text' => $request->string('text')->trim()->toString(), 'said_at' => now(),
        ]);
        $assignment->attempts()->whereKey($request->integer('attempt'))->update(['help_wanted_at' => null]); // whoever is told something has been heard

        return new Response(status: 204);
    }
}
