<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewSettings', required: ['decimalSign', 'largerType'], properties: [
    new OA\Property(property: 'decimalSign', description: 'empty: as the language has it', type: 'string', enum: ['', '.', ',']),
    new OA\Property(property: 'largerType', type: 'boolean'),
    new OA\Property(property: 'theme', description: 'empty: as the browser asks for it; left out: as it is', type: 'string', enum: ['', 'light', 'dark']),
])]
final class SettingsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['decimalSign' => ['present', 'string', Rule::in(['', '.', ','])], 'largerType' => ['required', 'boolean'], 'theme' => ['sometimes', 'present', 'string', Rule::in(['', 'light', 'dark'])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['decimalSign.*' => Strings::text('form.decimal-sign'), 'largerType.*' => Strings::text('form.yes-or-no'), 'theme.*' => Strings::text('form.theme')];
    }
}
