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
        return ['decimalSign' => ['present', 'string', Rule::in(['', '.', ','])], 'largerType' => ['required', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['decimalSign.*' => Strings::text('form.decimal-sign'), 'largerType.*' => Strings::text('form.yes-or-no')];
    }
}
