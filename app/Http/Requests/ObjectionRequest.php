<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewObjection', required: ['text'], properties: [
    new OA\Property(property: 'text', description: 'in a sentence', type: 'string', minLength: 10, maxLength: 400),
])]
final class ObjectionRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('object', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['text' => ['bail', 'required', 'string', 'min:10', 'max:400']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.*' => Strings::text('objection.text-missing')];
    }
}
