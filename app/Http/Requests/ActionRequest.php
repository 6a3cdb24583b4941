<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NextAction', required: ['key', 'number', 'action'], properties: [
    new OA\Property(property: 'key', type: 'string', format: 'uuid', description: 'the sender\'s own name for this action; the same key again gives the stored answer'),
    new OA\Property(property: 'number', type: 'integer', description: 'the number the sender takes to be next'),
    new OA\Property(property: 'action', ref: 'schemas/action.schema.json'),
])]
final class ActionRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('work', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'key' => ['required', 'uuid'],
            'number' => ['required', 'integer', 'min:1'],
            'action' => ['required', 'array'],
            'action.do' => ['required', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'key.*' => Strings::text('form.key'),
            'number.*' => Strings::text('form.number'),
            'action.required' => Strings::text('form.action-missing'),
            'action.do.required' => Strings::text('form.action-missing'),
        ];
    }
}
