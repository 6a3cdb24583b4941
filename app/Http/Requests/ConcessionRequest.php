<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\Concession;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewConcession', required: ['kind', 'reason'], properties: [
    new OA\Property(property: 'kind', description: 'more time, not closed after all, or another car from the beginning', type: 'string', enum: ['time', 'reopened', 'fresh-car']),
    new OA\Property(property: 'minutes', type: 'integer', minimum: 0, maximum: 240),
    new OA\Property(property: 'reason', type: 'string', maxLength: 400),
])]
final class ConcessionRequest extends FormRequest
{
    private const MOST_MINUTES = 240;

    private const LONGEST = 400;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        $attempt = $this->route('attempt');

        return $attempt instanceof Attempt && $attempt->assignment !== null && Gate::allows('direct', $attempt->assignment);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['bail', 'required', 'string', Rule::in([Concession::TIME, Concession::REOPENED, Concession::FRESH_CAR])],
            'minutes' => ['sometimes', 'integer', 'between:0,'.self::MOST_MINUTES],
            'reason' => ['bail', 'required', 'string', 'max:'.self::LONGEST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => Strings::text('lesson.kind-wrong'), 'minutes.*' => Strings::text('lesson.minutes-wrong', ['most' => (string) self::MOST_MINUTES]), 'reason.*' => Strings::text('lesson.reason-missing')];
    }
}
