<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BuiltIn;
use App\Documents\SchemaCheck;
use App\Http\Requests\CaseRequest;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Lernfall\Format\SolvabilityFormat;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SensiblePath', required: ['minutes', 'cost', 'remedy', 'tests'], properties: [
    new OA\Property(property: 'minutes', description: 'repair and proof included', type: 'number'),
    new OA\Property(property: 'cost', type: 'number'),
    new OA\Property(property: 'remedy', description: 'as "needed" of Solvability', type: 'string'),
    new OA\Property(property: 'tests', type: 'array', items: new OA\Items(required: ['id', 'place', 'minutes'], properties: [
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'place', type: 'string'),
        new OA\Property(property: 'minutes', type: 'number'),
    ], type: 'object')),
])]
#[OA\Schema(schema: 'Solvability', required: ['solvable', 'needed', 'reached', 'of', 'afterFirstLook', 'par', 'together', 'warnings'], properties: [
    new OA\Property(property: 'solvable', type: 'boolean'),
    new OA\Property(property: 'needed', description: 'repairs as "kind@place", several joined by "+"; "none" where nothing is to be repaired', type: 'string'),
    new OA\Property(property: 'reached', description: 'cars on which the advice led to it', type: 'integer'),
    new OA\Property(property: 'of', type: 'integer'),
    new OA\Property(property: 'afterFirstLook', description: 'chance of it once lamps and codes have been read', type: 'number'),
    new OA\Property(property: 'par', oneOf: [new OA\Schema(ref: '#/components/schemas/SensiblePath'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'together', description: 'faults no test tells from it, as "kind@place"', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'warnings', type: 'array', items: new OA\Items(type: 'string', enum: ['given-away', 'looks-sound', 'not-told-apart'])),
])]
final readonly class SolvabilityController
{
    #[OA\Post(path: '/api/case-solvability', operationId: 'solveCase', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CaseFields')), responses: [
        new OA\Response(response: 200, description: 'whether the case can be solved, and how', content: new OA\JsonContent(ref: '#/components/schemas/Solvability')),
        new OA\Response(response: 422, description: 'the case cannot be read', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(CaseRequest $request, BuiltIn $builtIn, SchemaCheck $schemas): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        $document = $builtIn->caseReader()->read($request->document($builtIn, $schemas));

        return new JsonResponse(SolvabilityFormat::write($builtIn->solver($document->policy)->of($document->case, $document->knowledge)));
    }
}
