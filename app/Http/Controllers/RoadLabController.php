<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Http\Requests\RoadLabRequest;
use App\Http\Resources\RoadLabResource;
use App\Http\Resources\RoadPlayResource;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Lernfall\Bay\ClosedGround\Driver;
use Lernfall\Fault\InvalidFault;
use Lernfall\Format\VehicleReader;
use Lernfall\Lab\RoadLab;
use OpenApi\Attributes as OA;

/** The road of the lab, for everybody who is signed in: free play that touches no case. */
final readonly class RoadLabController
{
    public function __construct(private ContentLibrary $library)
    {
    }

    #[OA\Get(path: '/api/road-lab', operationId: 'roadLabOptions', responses: [
        new OA\Response(response: 200, description: 'cars, grounds and defects to play with', content: new OA\JsonContent(ref: '#/components/schemas/RoadLabOptions')),
    ])]
    public function options(): JsonResponse
    {
        return new JsonResponse(RoadLabResource::options(array_map(VehicleReader::read(...), $this->library->vehicles()), $this->library->catalogue()));
    }

    #[OA\Post(path: '/api/road-lab', operationId: 'roadLabDrive', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/RoadSetting')), responses: [
        new OA\Response(response: 200, description: 'the drive, moment by moment', content: new OA\JsonContent(ref: '#/components/schemas/RoadPlay')),
        new OA\Response(response: 422, description: 'a setting is missing or out of range', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function drive(RoadLabRequest $request): JsonResponse
    {
        $setting = $request->setting();
        $vehicle = VehicleReader::read($this->library->vehicles()[$setting->vehicle]);
        $lab = new RoadLab([$setting->vehicle => $vehicle], $this->library->catalogue(), $this->library->simulator()->workshop->equipment(Driver::class));
        try {
            return new JsonResponse(RoadPlayResource::of($lab->shown($setting)));
        } catch (InvalidFault $invalid) {
            throw ValidationException::withMessages(['defect' => Strings::text($invalid->messageKey, $invalid->parameters)]);
        }
    }
}
