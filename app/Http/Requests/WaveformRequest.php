<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WaveformText', required: ['csv'], properties: [
    new OA\Property(property: 'csv', type: 'string', description: 'time in seconds, then one or two inputs in volts'),
])]
final class WaveformRequest extends FormRequest
{
    private const GREATEST_BYTES = 4194304;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['csv' => ['required', 'string', 'max:'.self::GREATEST_BYTES]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['csv.required' => Strings::text('form.waveform-missing'), 'csv.max' => Strings::text('form.waveform-long')];
    }
}
