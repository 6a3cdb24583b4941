<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ObjectionDecision', required: ['upheld', 'decision'], properties: [
    new OA\Property(property: 'upheld', description: 'the apprentice is right', type: 'boolean'),
    new OA\Property(property: 'decision', description: 'why', type: 'string', minLength: 10, maxLength: 1000),
])]
final class DecisionRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('decideObjection', $this->route('attempt'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['upheld' => ['required', 'boolean'], 'decision' => ['bail', 'required', 'string', 'min:10', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['upheld.*' => Strings::text('objection.upheld-or-not'), 'decision.*' => Strings::text('objection.decision-missing')];
    }
}
