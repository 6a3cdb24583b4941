<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewShares', required: ['instructors'], properties: [new OA\Property(property: 'instructors', description: 'whom it belongs to as well', type: 'array', items: new OA\Items(type: 'integer'))])]
final class ShareRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('share', $this->route('case'));
    }

    /** An empty text is no list. */
    protected function prepareForValidation(): void
    {
        if (! is_array($this->input('instructors'))) {
            $this->merge(['instructors' => null]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $case = $this->route('case');
        $others = User::query()->where('role', Role::Instructor)->whereKeyNot($case instanceof CaseDraft ? $case->instructor_id : 0)->orderBy('id')->pluck('id')->all();

        return ['instructors' => ['present', 'array', 'max:100'], 'instructors.*' => ['required', 'integer', 'distinct', Rule::in($others)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['instructors.*' => Strings::text('form.no-such-instructor'), 'instructors' => Strings::text('form.no-such-instructor')];
    }

    /** @return list<int> */
    public function instructors(): array
    {
        return array_values(array_map(intval(...), (array) $this->input('instructors')));
    }
}
