<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BenchSheets;
use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Http\Requests\CaseRequest;
use App\Http\Resources\CaseResource;
use App\Models\CaseDraft;
use App\Models\User;
use App\Strings;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChangedMeanwhile', required: ['message', 'case'], properties: [
    new OA\Property(property: 'message', type: 'string'),
    new OA\Property(property: 'case', ref: '#/components/schemas/Case'),
])]
final readonly class CaseController
{
    #[OA\Get(path: '/api/cases', operationId: 'listCases', responses: [
        new OA\Response(response: 200, description: 'my cases', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Case'))),
    ])]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        $user = $request->user();
        assert($user instanceof User);
        /** @var Collection<int, CaseDraft> $drafts */
        $drafts = CaseDraft::of($user)->with(CaseResource::SHOWN)->orderBy('id')->get();

        return new JsonResponse($drafts->map(static fn (CaseDraft $draft): array => CaseResource::of($draft))->all());
    }

    #[OA\Post(path: '/api/cases', operationId: 'createCase', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CaseFields')), responses: [
        new OA\Response(response: 201, description: 'kept', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 422, description: 'not kept', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(CaseRequest $request, ContentLibrary $library, SchemaCheck $schemas, BenchSheets $sheets): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $draft = CaseDraft::query()->create(['instructor_id' => $user->id, 'changed_by' => $user->id, 'document' => $request->document($library, $schemas)]);
        $sheets->clear($user, null); // it is kept now

        return new JsonResponse(CaseResource::of($draft), 201);
    }

    #[OA\Get(path: '/api/cases/{case}', operationId: 'readCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'one case', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
    ])]
    public function show(CaseDraft $case): JsonResponse
    {
        Gate::authorize('own', $case);

        return new JsonResponse(CaseResource::of($case));
    }

    #[OA\Put(path: '/api/cases/{case}', operationId: 'saveCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(allOf: [new OA\Schema(ref: '#/components/schemas/CaseFields'), new OA\Schema(properties: [new OA\Property(property: 'basedOn', description: 'the edition it was made from; left out: whatever there is', type: 'string')], type: 'object')])), responses: [
        new OA\Response(response: 200, description: 'kept', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 409, description: 'somebody else has changed it since', content: new OA\JsonContent(ref: '#/components/schemas/ChangedMeanwhile')),
        new OA\Response(response: 422, description: 'not kept', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(CaseRequest $request, CaseDraft $case, ContentLibrary $library, SchemaCheck $schemas, BenchSheets $sheets): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $document = $request->document($library, $schemas);
        if ($request->filled('basedOn') && $request->string('basedOn')->toString() !== $case->edition()) {
            return new JsonResponse(['message' => Strings::text('bench.changed-meanwhile', ['name' => $case->editor->name ?? '…']), 'case' => CaseResource::of($case)], 409);
        }
        $case->update(['document' => $document, 'changed_by' => $user->id]);
        $sheets->clear($user, $case); // it is kept now

        return new JsonResponse(CaseResource::of($case));
    }
}
