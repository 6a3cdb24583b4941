<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Http\Resources\PortraitResource;
use Illuminate\Http\JsonResponse;
use Lernfall\Evidence\Portrait\Portraits;
use Lernfall\Format\VehicleReader;
use OpenApi\Attributes as OA;

/** The handbook's page of faults, for everybody who is signed in. */
final readonly class FaultPortraitController
{
    #[OA\Get(path: '/api/fault-portraits', operationId: 'listFaultPortraits', responses: [
        new OA\Response(response: 200, description: 'every kind of fault, the most common first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/FaultPortrait'))),
    ])]
    public function __invoke(ContentLibrary $library): JsonResponse
    {
        $vehicles = array_map(VehicleReader::read(...), array_values($library->vehicles()));

        return new JsonResponse(array_map(PortraitResource::of(...), (new Portraits($library->simulator(), $library->catalogue(), $vehicles))->all()));
    }
}
