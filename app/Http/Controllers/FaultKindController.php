<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Http\Resources\FaultKindResource;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Format\VehicleReader;
use OpenApi\Attributes as OA;

final readonly class FaultKindController
{
    #[OA\Get(path: '/api/fault-kinds', operationId: 'listFaultKinds', responses: [
        new OA\Response(response: 200, description: 'the catalogue of faults', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FaultKind'))),
    ])]
    public function index(ContentLibrary $library): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);

        $vehicles = array_map(VehicleReader::read(...), array_values($library->vehicles()));

        return new JsonResponse(array_map(
            static fn (CatalogueEntry $entry): array => FaultKindResource::of($entry, $vehicles),
            array_values($library->catalogue()->entries),
        ));
    }
}
