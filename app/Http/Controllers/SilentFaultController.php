<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Gate;
use Lernfall\Evidence\Preview\Visibility;
use Lernfall\Fault\Fault;
use Lernfall\Format\CanonicalJson;
use Lernfall\Format\VehicleReader;
use Lernfall\Revision;
use OpenApi\Attributes as OA;

/** Which faults a car does not show in their middle strength. It takes seconds to find out, and is found out once. */
#[OA\Schema(schema: 'SilentFault', required: ['kind', 'channel', 'conductor'], properties: [
    new OA\Property(property: 'kind', type: 'string'),
    new OA\Property(property: 'channel', type: 'string'),
    new OA\Property(property: 'conductor', description: 'empty where it sits on none', type: 'string'),
])]
final readonly class SilentFaultController
{
    #[OA\Get(path: '/api/cars/{car}/silent-faults', operationId: 'listSilentFaults', parameters: [
        new OA\Parameter(name: 'car', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'what neither a lamp nor a code nor an instrument tells of', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/SilentFault'))),
        new OA\Response(response: 404, description: 'no such car'),
    ])]
    public function __invoke(string $car, ContentLibrary $library): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        $document = $library->vehicles()[$car] ?? abort(404);
        $key = 'silent-faults.'.Revision::CURRENT.'.'.hash('sha256', CanonicalJson::of($document));

        return new JsonResponse(Cache::rememberForever($key, static function () use ($document, $library): array {
            $vehicle = VehicleReader::read($document);

            return array_map(
                static fn (Fault $fault): array => ['kind' => $fault->kind->id, 'channel' => $fault->channel, 'conductor' => $fault->conductor],
                (new Visibility($library->simulator()))->silent($vehicle, $library->catalogue()->usualFaults($vehicle)),
            );
        }));
    }
}
