<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BenchSheets;
use App\Http\Requests\SheetRequest;
use App\Models\BenchSheet;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What lies on the bench and has not been kept yet: of a case, or of a new one. Only whoever laid it there sees it. */
#[OA\Schema(schema: 'Sheet', required: ['fields', 'laidAt'], properties: [
    new OA\Property(property: 'fields', description: 'null where nothing lies there', oneOf: [new OA\Schema(ref: '#/components/schemas/CaseFields'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'laidAt', oneOf: [new OA\Schema(type: 'string', format: 'date-time'), new OA\Schema(type: 'null')]),
])]
final readonly class SheetController
{
    public function __construct(private BenchSheets $sheets)
    {
    }

    #[OA\Get(path: '/api/cases/{case}/sheet', operationId: 'readSheet', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'what lies on my bench of this case', content: new OA\JsonContent(ref: '#/components/schemas/Sheet')),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    #[OA\Get(path: '/api/new-case/sheet', operationId: 'readNewSheet', responses: [
        new OA\Response(response: 200, description: 'what lies on my bench of a new case', content: new OA\JsonContent(ref: '#/components/schemas/Sheet')),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(Request $request, ?CaseDraft $case = null): JsonResponse
    {
        $this->authorize($case);

        return self::told($this->sheets->of(self::user($request), $case));
    }

    #[OA\Put(path: '/api/cases/{case}/sheet', operationId: 'laySheet', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SheetFields')), responses: [
        new OA\Response(response: 200, description: 'it lies there', content: new OA\JsonContent(ref: '#/components/schemas/Sheet')),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no fields of a case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    #[OA\Put(path: '/api/new-case/sheet', operationId: 'layNewSheet', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/SheetFields')), responses: [
        new OA\Response(response: 200, description: 'it lies there', content: new OA\JsonContent(ref: '#/components/schemas/Sheet')),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no fields of a case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function lay(SheetRequest $request, ?CaseDraft $case = null): JsonResponse
    {
        return self::told($this->sheets->lay(self::user($request), $case, $request->fields()));
    }

    #[OA\Delete(path: '/api/cases/{case}/sheet', operationId: 'clearSheet', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'thrown away'),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    #[OA\Delete(path: '/api/new-case/sheet', operationId: 'clearNewSheet', responses: [
        new OA\Response(response: 204, description: 'thrown away'),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function clear(Request $request, ?CaseDraft $case = null): Response
    {
        $this->authorize($case);
        $this->sheets->clear(self::user($request), $case);

        return new Response(status: 204);
    }

    private function authorize(?CaseDraft $case): void
    {
        $case === null ? Gate::authorize('compose', CaseDraft::class) : Gate::authorize('own', $case);
    }

    private static function told(?BenchSheet $sheet): JsonResponse
    {
        return new JsonResponse(['fields' => $sheet?->fields, 'laidAt' => $sheet?->laid_at->toIso8601String()]);
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
