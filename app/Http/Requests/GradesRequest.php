<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Group;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'GradeTable', required: ['steps'], properties: [
    new OA\Property(property: 'steps', description: 'empty: no grades are given', type: 'array', items: new OA\Items(required: ['from', 'grade'], properties: [
        new OA\Property(property: 'from', description: 'percent of the points there are', type: 'number', minimum: 0, maximum: 100),
        new OA\Property(property: 'grade', type: 'string', maxLength: 12),
    ], type: 'object')),
])]
final class GradesRequest extends FormRequest
{
    private const MOST = 30;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('list', Group::class);
    }

    /** An empty text is no list. */
    protected function prepareForValidation(): void
    {
        if (! is_array($this->input('steps'))) {
            $this->merge(['steps' => null]);
        }
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'steps' => ['bail', 'present', 'array', 'max:'.self::MOST],
            'steps.*' => ['array'],
            'steps.*.from' => ['bail', 'required', 'numeric', 'between:0,100', 'distinct'],
            'steps.*.grade' => ['bail', 'required', 'string', 'max:12'],
        ];
    }

    /** @return list<callable> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $steps = $validator->errors()->isEmpty() ? $this->steps() : [];
            if ($steps !== [] && min(array_column($steps, 'from')) > 0.0) {
                $validator->errors()->add('steps', Strings::text('grades.from-nought'));
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['steps.*.from.*' => Strings::text('grades.from-wrong'), 'steps.*.grade.*' => Strings::text('grades.grade-wrong'), 'steps.*' => Strings::text('grades.from-wrong'), 'steps' => Strings::text('grades.from-wrong')];
    }

    /** @return list<array{from: float, grade: string}> */
    public function steps(): array
    {
        return array_values(array_map(static fn (array $one): array => ['from' => (float) $one['from'], 'grade' => trim((string) $one['grade'])], (array) $this->input('steps')));
    }
}
