<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CarValues;
use App\Documents\CompiledJson;
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

    #[OA\Get(path: '/api/cars/{car}/values', operationId: 'listCarValues', parameters: [
        new OA\Parameter(name: 'car', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'the numbers a case may replace, in the order of the car file', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/CarValue'))),
        new OA\Response(response: 404, description: 'no such car'),
    ])]
    #[OA\Schema(schema: 'CarValue', required: ['pointer', 'path', 'value', 'unit', 'least', 'above', 'most'], properties: [
        new OA\Property(property: 'pointer', description: 'JSON pointer into the car file', type: 'string'),
        new OA\Property(property: 'path', description: 'the same as its parts', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'value', description: 'the car\'s own', type: 'number'),
        new OA\Property(property: 'unit', description: 'empty where it has none', type: 'string'),
        new OA\Property(property: 'least', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'above', description: 'it is above this', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'most', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    ])]
    public function values(string $car, ContentLibrary $library): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        $schema = CompiledJson::read(base_path('docs/schemas/vehicle.schema.json'));

        return new JsonResponse((new CarValues($schema))->of($library->vehicles()[$car] ?? abort(404)));
    }
}
