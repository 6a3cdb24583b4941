<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BuiltVehicle;
use App\Http\Requests\VehicleRequest;
use App\Models\OwnVehicle;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Cars of an instructor's own. */
#[OA\Schema(schema: 'OwnVehicle', required: ['id', 'base', 'name', 'values', 'alarms'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'base', description: 'id of the built-in car it is made from', type: 'string'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'values', description: 'by JSON pointer', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    new OA\Property(property: 'alarms', description: 'codes it sets with nothing wrong; with any it is not used', type: 'array', items: new OA\Items(required: ['route', 'channel', 'failure'], properties: [
        new OA\Property(property: 'route', type: 'string'),
        new OA\Property(property: 'channel', type: 'string'),
        new OA\Property(property: 'failure', type: 'string'),
    ], type: 'object')),
])]
final readonly class VehicleController
{
    public function __construct(private BuiltVehicle $built)
    {
    }

    #[OA\Get(path: '/api/vehicles', operationId: 'listVehicles', responses: [
        new OA\Response(response: 200, description: 'mine, by name', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/OwnVehicle'))),
    ])]
    public function index(Request $request): JsonResponse
    {
        Gate::authorize('build', OwnVehicle::class);

        return new JsonResponse(OwnVehicle::query()->where('instructor_id', $request->user()?->id)->orderBy('name')->get()->map(self::shown(...))->all());
    }

    #[OA\Post(path: '/api/vehicles', operationId: 'buildVehicle', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewVehicle')), responses: [
        new OA\Response(response: 201, description: 'kept, and driven on every drive', content: new OA\JsonContent(ref: '#/components/schemas/OwnVehicle')),
        new OA\Response(response: 422, description: 'no car', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(VehicleRequest $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(self::shown(OwnVehicle::query()->create(['instructor_id' => $user->id] + $this->built($request))), 201);
    }

    #[OA\Put(path: '/api/vehicles/{vehicle}', operationId: 'changeVehicle', parameters: [new OA\PathParameter(name: 'vehicle', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewVehicle')), responses: [
        new OA\Response(response: 200, description: 'kept, and driven on every drive anew; cases it is used in stay as they are', content: new OA\JsonContent(ref: '#/components/schemas/OwnVehicle')),
        new OA\Response(response: 422, description: 'no car', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(VehicleRequest $request, OwnVehicle $vehicle): JsonResponse
    {
        $vehicle->update($this->built($request));

        return new JsonResponse(self::shown($vehicle));
    }

    #[OA\Delete(path: '/api/vehicles/{vehicle}', operationId: 'deleteVehicle', parameters: [new OA\PathParameter(name: 'vehicle', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'gone; cases it was used in keep their values'),
        new OA\Response(response: 403, description: 'not mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function delete(OwnVehicle $vehicle): Response
    {
        Gate::authorize('change', $vehicle);
        $vehicle->delete();

        return new Response(status: 204);
    }

    /** @return array{base: string, name: string, car_values: array<string, float|int>, alarms: list<array{route: string, channel: string, failure: string}>} */
    private function built(VehicleRequest $request): array
    {
        $base = $request->string('base')->toString();

        return ['base' => $base, 'name' => $request->string('name')->trim()->toString(), 'car_values' => $request->values(), 'alarms' => $this->built->alarms($base, $request->values())];
    }

    /** @return array<string, mixed> */
    private static function shown(OwnVehicle $vehicle): array
    {
        return ['id' => $vehicle->id, 'base' => $vehicle->base, 'name' => $vehicle->name, 'values' => (object) $vehicle->car_values, 'alarms' => $vehicle->alarms];
    }
}
