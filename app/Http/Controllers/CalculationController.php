<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CalculationRequest;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Lernfall\InvalidQuantity;
use Lernfall\Signal\CopperResistance;
use Lernfall\Signal\Rotation;
use Lernfall\Signal\Slip;
use Lernfall\Vehicle\InvalidTyreSize;
use Lernfall\Vehicle\Tyre;
use OpenApi\Attributes as OA;

/** The handbook's calculators, for everybody who is signed in. */
final readonly class CalculationController
{
    #[OA\Post(path: '/api/calculations', operationId: 'calculate', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Calculation')), responses: [
        new OA\Response(response: 200, description: 'results by name', content: new OA\JsonContent(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number'))),
        new OA\Response(response: 422, description: 'a value is missing or out of range', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(CalculationRequest $request): JsonResponse
    {
        return new JsonResponse(match ($request->string('what')->toString()) {
            'tyre' => $this->tyreFigures($this->tyre($request)),
            'speed' => ['kilometresPerHour' => 3.6 * Rotation::speedFromFrequency($this->tyre($request), $request->integer('teeth'), $request->float('hertz'))],
            'copper' => ['ohms' => CopperResistance::at($request->float('celsius'), $request->float('ohmsAt20Celsius'))],
            default => ['percent' => $this->slip($request)],
        });
    }

    private function tyre(CalculationRequest $request): Tyre
    {
        try {
            return Tyre::fromSize($request->string('size')->toString(), $request->float('rollingFactor'));
        } catch (InvalidTyreSize) {
            throw ValidationException::withMessages(['size' => Strings::text('form.tyre-size')]);
        }
    }

    /** @return array<string, float> */
    private function tyreFigures(Tyre $tyre): array
    {
        return ['diameterMillimetres' => $tyre->outerDiameterMetres * 1000.0, 'circumferenceMillimetres' => $tyre->rollingCircumferenceMetres() * 1000.0];
    }

    private function slip(CalculationRequest $request): float
    {
        try {
            return 100.0 * Slip::of($request->float('vehicleKilometresPerHour'), $request->float('wheelKilometresPerHour'));
        } catch (InvalidQuantity) {
            throw ValidationException::withMessages(['vehicleKilometresPerHour' => Strings::text('form.speed-above-zero')]);
        }
    }
}
