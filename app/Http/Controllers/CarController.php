<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Http\Resources\CarResource;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Lernfall\Format\VehicleReader;
use OpenApi\Attributes as OA;

final readonly class CarController
{
    #[OA\Get(path: '/api/cars', operationId: 'listCars', responses: [
        new OA\Response(response: 200, description: 'the cars a case can be set in', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Car'))),
    ])]
    public function index(ContentLibrary $library): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);

        return new JsonResponse(array_map(
            static fn (array $document): array => CarResource::of(VehicleReader::read($document)),
            array_values($library->vehicles()),
        ));
    }
}
