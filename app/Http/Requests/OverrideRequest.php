<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewOverride', required: ['criterion', 'points', 'reason'], properties: [
    new OA\Property(property: 'criterion', type: 'string'),
    new OA\Property(property: 'points', description: 'null: the computed points count again', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'reason', type: 'string', minLength: 10, maxLength: 500),
])]
final class OverrideRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('override', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'criterion' => ['required', 'string'],
            'points' => ['present', 'nullable', 'numeric', 'min:0'],
            'reason' => ['required', 'string', 'min:10', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'points.*' => Strings::text('override.points-wrong'),
            'reason.required' => Strings::text('override.reason-missing'),
            'reason.min' => Strings::text('override.reason-missing'),
            'reason.max' => Strings::text('form.too-long'),
        ];
    }
}
