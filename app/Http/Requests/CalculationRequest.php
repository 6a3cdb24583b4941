<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Calculation', required: ['what'], properties: [
    new OA\Property(property: 'what', type: 'string', enum: ['tyre', 'speed', 'copper', 'slip']),
    new OA\Property(property: 'size', type: 'string', description: 'tyre, speed: as marked, for example 195/55 R15'),
    new OA\Property(property: 'rollingFactor', type: 'number', description: 'tyre, speed: rolling circumference over π times diameter'),
    new OA\Property(property: 'teeth', type: 'integer', description: 'speed'),
    new OA\Property(property: 'hertz', type: 'number', description: 'speed'),
    new OA\Property(property: 'ohmsAt20Celsius', type: 'number', description: 'copper'),
    new OA\Property(property: 'celsius', type: 'number', description: 'copper'),
    new OA\Property(property: 'vehicleKilometresPerHour', type: 'number', description: 'slip'),
    new OA\Property(property: 'wheelKilometresPerHour', type: 'number', description: 'slip'),
])]
final class CalculationRequest extends FormRequest
{
    private const TYRE = ['size' => ['required', 'string', 'max:20'], 'rollingFactor' => ['required', 'numeric', 'between:0.8,1']];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['what' => ['required', 'in:tyre,speed,copper,slip']] + match ($this->input('what')) {
            'tyre' => self::TYRE,
            'speed' => self::TYRE + ['teeth' => ['required', 'integer', 'between:1,400'], 'hertz' => ['required', 'numeric', 'between:0,20000']],
            'copper' => ['ohmsAt20Celsius' => ['required', 'numeric', 'between:0,1000000'], 'celsius' => ['required', 'numeric', 'between:-60,300']],
            'slip' => ['vehicleKilometresPerHour' => ['required', 'numeric', 'between:0,400'], 'wheelKilometresPerHour' => ['required', 'numeric', 'between:0,400']],
            default => [],
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => Strings::text('form.number-missing'), 'numeric' => Strings::text('form.number-missing'), 'integer' => Strings::text('form.number-missing'), 'between' => Strings::text('form.between')];
    }
}
