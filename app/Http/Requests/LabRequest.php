<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Lernfall\Lab\LabSetting;
use OpenApi\Attributes as OA;

/** How a sensor in the lab is set up. */
#[OA\Schema(schema: 'LabSetting', required: ['technology', 'teeth', 'turnsPerSecond', 'gapMillimetres', 'celsius', 'inputOhms', 'defect', 'wholeTurn'], properties: [
    new OA\Property(property: 'technology', type: 'string', enum: ['passive', 'current', 'pulse-width', 'sinking', 'sourcing']),
    new OA\Property(property: 'teeth', type: 'integer', minimum: 8, maximum: 200),
    new OA\Property(property: 'turnsPerSecond', type: 'number', minimum: -20, maximum: 20),
    new OA\Property(property: 'gapMillimetres', type: 'number', minimum: 0.1, maximum: 5),
    new OA\Property(property: 'celsius', type: 'number', minimum: -40, maximum: 180),
    new OA\Property(property: 'inputOhms', type: 'number', minimum: 100, maximum: 10000000),
    new OA\Property(property: 'defect', description: 'a kind of fault, or empty', type: 'string'),
    new OA\Property(property: 'strength', description: 'of the defect, in its unit; left out, the usual one', type: 'number'),
    new OA\Property(property: 'wholeTurn', type: 'boolean'),
])]
final class LabRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'technology' => ['required', 'in:passive,current,pulse-width,sinking,sourcing'],
            'teeth' => ['required', 'integer', 'between:8,200'],
            'turnsPerSecond' => ['required', 'numeric', 'between:-20,20'],
            'gapMillimetres' => ['required', 'numeric', 'between:0.1,5'],
            'celsius' => ['required', 'numeric', 'between:-40,180'],
            'inputOhms' => ['required', 'numeric', 'between:100,10000000'],
            'defect' => ['present', 'nullable', 'string', 'max:40'],
            'strength' => ['sometimes', 'numeric'],
            'wholeTurn' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => Strings::text('form.number-missing'), 'numeric' => Strings::text('form.number-missing'), 'integer' => Strings::text('form.number-missing'), 'between' => Strings::text('form.between')];
    }

    public function setting(): LabSetting
    {
        return new LabSetting(
            $this->string('technology')->toString(), $this->integer('teeth'), $this->float('turnsPerSecond'), $this->float('gapMillimetres') / 1000.0,
            $this->float('celsius'), $this->float('inputOhms'), $this->string('defect')->toString(),
            $this->has('strength') ? $this->float('strength') : null, $this->boolean('wholeTurn'),
        );
    }
}
