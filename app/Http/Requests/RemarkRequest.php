<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Assignment;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewRemark', required: ['text'], properties: [
    new OA\Property(property: 'text', type: 'string', maxLength: 300),
    new OA\Property(property: 'attempt', description: 'the job of one; left out or null: to all', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
])]
final class RemarkRequest extends FormRequest
{
    private const LONGEST = 300;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('direct', $this->route('assignment'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $assignment = $this->route('assignment');
        $jobs = $assignment instanceof Assignment ? $assignment->attempts()->orderBy('id')->pluck('id')->all() : [];

        return ['text' => ['bail', 'required', 'string', 'max:'.self::LONGEST], 'attempt' => ['bail', 'sometimes', 'nullable', 'integer', Rule::in($jobs)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.*' => Strings::text('lesson.remark-missing', ['most' => (string) self::LONGEST]), 'attempt.*' => Strings::text('lesson.no-such-job')];
    }
}
