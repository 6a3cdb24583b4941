<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Http\Requests\LabRequest;
use App\Http\Resources\LabResource;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Lernfall\Fault\InvalidFault;
use Lernfall\Format\VehicleReader;
use Lernfall\Lab\LabBench;
use Lernfall\Lab\SignalLab;
use LogicException;
use OpenApi\Attributes as OA;

/** The signal lab, for everybody who is signed in: free play that touches no case. */
final readonly class LabController
{
    public function __construct(private ContentLibrary $library)
    {
    }

    #[OA\Get(path: '/api/lab', operationId: 'labOptions', responses: [
        new OA\Response(response: 200, description: 'sensors and defects to play with', content: new OA\JsonContent(ref: '#/components/schemas/LabOptions')),
    ])]
    public function options(): JsonResponse
    {
        return new JsonResponse(LabResource::options($this->bench(), $this->library->catalogue()));
    }

    #[OA\Post(path: '/api/lab', operationId: 'labReadings', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LabSetting')), responses: [
        new OA\Response(response: 200, description: 'trace, numbers and formulas', content: new OA\JsonContent(ref: '#/components/schemas/LabReadings')),
        new OA\Response(response: 422, description: 'a setting is missing or out of range', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(LabRequest $request): JsonResponse
    {
        try {
            return new JsonResponse(LabResource::of((new SignalLab($this->bench(), $this->library->simulator()))->shown($request->setting())));
        } catch (InvalidFault $invalid) {
            throw ValidationException::withMessages([$invalid->field === 'strength' ? 'strength' : 'defect' => Strings::text($invalid->messageKey, $invalid->parameters)]);
        }
    }

    private function bench(): LabBench
    {
        $vehicles = array_map(VehicleReader::read(...), array_values($this->library->vehicles()));

        return $vehicles === [] ? throw new LogicException('the application ships no vehicle') : new LabBench($vehicles, $this->library->catalogue());
    }
}
