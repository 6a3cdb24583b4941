<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Http\Requests\CaseRequest;
use App\Jobs\CheckSolvability;
use App\Models\SolvabilityCheck;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SensiblePath', required: ['minutes', 'cost', 'remedy', 'handedOver', 'tests'], properties: [
    new OA\Property(property: 'minutes', description: 'repair and proof included', type: 'number'),
    new OA\Property(property: 'cost', type: 'number'),
    new OA\Property(property: 'remedy', description: 'as "needed" of Solvability', type: 'string'),
    new OA\Property(property: 'handedOver', description: 'this workshop does not make the repair', type: 'boolean'),
    new OA\Property(property: 'tests', type: 'array', items: new OA\Items(ref: '#/components/schemas/PathTest')),
])]
#[OA\Schema(schema: 'PathTest', required: ['id', 'place', 'minutes'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'place', type: 'string'),
    new OA\Property(property: 'minutes', type: 'number'),
])]
#[OA\Schema(schema: 'Solvability', required: ['solvable', 'needed', 'reached', 'of', 'afterFirstLook', 'par', 'together', 'tools', 'warnings'], properties: [
    new OA\Property(property: 'solvable', type: 'boolean'),
    new OA\Property(property: 'needed', description: 'repairs as "kind@place", several joined by "+"; "none" where nothing is to be repaired', type: 'string'),
    new OA\Property(property: 'reached', description: 'cars on which the advice led to it', type: 'integer'),
    new OA\Property(property: 'of', description: 'none while it waits for the worker', type: 'integer'),
    new OA\Property(property: 'afterFirstLook', description: 'chance of it once lamps and codes have been read', type: 'number'),
    new OA\Property(property: 'par', oneOf: [new OA\Schema(ref: '#/components/schemas/SensiblePath'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'together', description: 'faults no test tells from it, as "kind@place"', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'tools', description: 'withheld tools, any of which would tell some of them apart', type: 'array', items: new OA\Items(required: ['tool', 'apart'], properties: [
        new OA\Property(property: 'tool', type: 'string'),
        new OA\Property(property: 'apart', type: 'array', items: new OA\Items(type: 'string')),
    ], type: 'object')),
    new OA\Property(property: 'warnings', type: 'array', items: new OA\Items(type: 'string', enum: ['given-away', 'looks-sound', 'silent-here', 'not-told-apart'])),
])]
#[OA\Schema(schema: 'SolvabilityCheck', required: ['id', 'done', 'of', 'failed', 'found'], properties: [
    new OA\Property(property: 'id', type: 'string', format: 'uuid'),
    new OA\Property(property: 'done', description: 'parts of the work', type: 'integer'),
    new OA\Property(property: 'of', type: 'integer'),
    new OA\Property(property: 'failed', type: 'boolean'),
    new OA\Property(property: 'found', oneOf: [new OA\Schema(ref: '#/components/schemas/Solvability'), new OA\Schema(type: 'null')]),
])]
final readonly class SolvabilityController
{
    /** What was asked so long ago is not looked at any more. */
    private const KEPT_HOURS = 24;

    #[OA\Post(path: '/api/case-solvability', operationId: 'solveCase', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/CaseFields')), responses: [
        new OA\Response(response: 202, description: 'taken on', content: new OA\JsonContent(ref: '#/components/schemas/SolvabilityCheck')),
        new OA\Response(response: 422, description: 'the case cannot be read', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function ask(CaseRequest $request, ContentLibrary $library, SchemaCheck $schemas): JsonResponse
    {
        $instructor = $request->user();
        assert($instructor instanceof User);
        SolvabilityCheck::query()->where('instructor_id', $instructor->id)->where('asked_at', '<', now()->subHours(self::KEPT_HOURS))->delete();
        $check = SolvabilityCheck::query()->create(['instructor_id' => $instructor->id, 'document' => $request->document($library, $schemas), 'asked_at' => now()]);
        CheckSolvability::dispatch($check->id);

        return new JsonResponse(self::state($check->refresh()), 202);
    }

    #[OA\Get(path: '/api/case-solvability/{check}', operationId: 'readSolvability', parameters: [new OA\PathParameter(name: 'check', schema: new OA\Schema(type: 'string', format: 'uuid'))], responses: [
        new OA\Response(response: 200, description: 'how far it has come, or what was found', content: new OA\JsonContent(ref: '#/components/schemas/SolvabilityCheck')),
        new OA\Response(response: 403, description: 'asked by somebody else', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(SolvabilityCheck $check): JsonResponse
    {
        Gate::authorize('read', $check);

        return new JsonResponse(self::state($check));
    }

    /** @return array<string, mixed> */
    private static function state(SolvabilityCheck $check): array
    {
        return ['id' => $check->id, 'done' => $check->done, 'of' => $check->of, 'failed' => $check->failed, 'found' => $check->found];
    }
}
