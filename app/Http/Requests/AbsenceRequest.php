<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Absence;
use App\Models\Assignment;
use App\Models\User;
use App\Strings;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewAbsence', required: ['kind'], properties: [
    new OA\Property(property: 'kind', description: 'null: none of them', oneOf: [new OA\Schema(type: 'string', enum: ['absent', 'excused', 'interrupted']), new OA\Schema(type: 'null')]),
])]
final class AbsenceRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['kind' => ['present', 'nullable', 'string', Rule::in(Absence::KINDS), function (string $field, mixed $value, Closure $fail): void {
            $assignment = $this->route('assignment');
            $person = $this->route('person');
            if ($assignment instanceof Assignment && $person instanceof User && ! $assignment->recipients()->contains('id', $person->id)) {
                $fail(Strings::text('form.absence'));
            }
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => Strings::text('form.absence')];
    }
}
