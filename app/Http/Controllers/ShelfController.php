<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShelfRequest;
use App\Http\Resources\CaseResource;
use App\Models\Assignment;
use App\Models\CaseDraft;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Keeps the instructor's cases in order: what each is to teach, copies, what is put away and what is thrown away. */
final readonly class ShelfController
{
    private const LONGEST_NAME = 80;

    #[OA\Patch(path: '/api/cases/{case}', operationId: 'shelveCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Shelf')), responses: [
        new OA\Response(response: 200, description: 'changed', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'too many goals, or one that is none', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function change(ShelfRequest $request, CaseDraft $case): JsonResponse
    {
        CaseDraft::withoutTimestamps(static fn (): bool => $case->update($request->changes())); // the case itself is as it was

        return new JsonResponse(CaseResource::of($case));
    }

    #[OA\Post(path: '/api/cases/{case}/copy', operationId: 'copyCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 201, description: 'a case like it, published to nobody', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function copy(Request $request, CaseDraft $case): JsonResponse
    {
        Gate::authorize('own', $case);
        $name = mb_substr(Strings::text('cases.copy-of', ['name' => $case->document['name']]), 0, self::LONGEST_NAME);
        $copy = CaseDraft::query()->create(['instructor_id' => $request->user()?->id, 'document' => ['name' => $name] + $case->document, 'goals' => $case->goals, 'difficulty' => $case->difficulty]);

        return new JsonResponse(CaseResource::of($copy), 201);
    }

    #[OA\Delete(path: '/api/cases/{case}', operationId: 'deleteCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'gone, with whatever was published of it'),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'somebody has worked it', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function delete(CaseDraft $case): JsonResponse|Response
    {
        Gate::authorize('share', $case);
        $isGone = DB::transaction(static function () use ($case): bool {
            if ($case->frozen()->whereHas('attempts')->exists()) {
                return false;
            }
            Assignment::query()->whereIn('case_version_id', $case->frozen()->select('id'))->delete();
            $case->frozen()->delete();

            return $case->delete() === true;
        });

        return $isGone ? new Response(status: 204) : new JsonResponse(['message' => Strings::text('cases.was-worked')], 409);
    }
}
