<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Documents\SilentFaults;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SilentFault', required: ['kind', 'channel', 'conductor'], properties: [
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'conductor', description: 'empty where it sits on none', type: 'string'),
])]
#[OA\Schema(schema: 'SilentFaults', required: ['known', 'faults'], properties: [
    new OA\Property(property: 'known', description: 'false while it waits for the worker', type: 'boolean'),
    new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/SilentFault')),
])]
final readonly class SilentFaultController
{
    #[OA\Get(path: '/api/cars/{car}/silent-faults', operationId: 'listSilentFaults', parameters: [
        new OA\Parameter(name: 'car', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what neither a lamp nor a code nor an instrument tells of', content: new OA\JsonContent(ref: '#/components/schemas/SilentFaults')),
        new OA\Response(response: 404, description: 'no such car'),
    ])]
    public function __invoke(string $car, ContentLibrary $library, SilentFaults $silent): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        isset($library->vehicles()[$car]) || abort(404);
        $found = $silent->soon($car);

        return new JsonResponse(['known' => $found !== null, 'faults' => $found ?? []]);
    }
}
