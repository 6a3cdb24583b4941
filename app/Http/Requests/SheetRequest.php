<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CaseDraft;
use App\Strings;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SheetFields', required: ['fields'], properties: [
    new OA\Property(property: 'fields', description: 'of a case, in whatever state', type: 'object', additionalProperties: true),
])]
final class SheetRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        $case = $this->route('case');

        return $case instanceof CaseDraft ? Gate::allows('own', $case) : Gate::allows('compose', CaseDraft::class);
    }

    private const MOST_FIELDS = 40;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fields' => ['required', 'array', 'max:'.self::MOST_FIELDS, static function (string $field, mixed $fields, Closure $refuse): void {
            is_array($fields) && array_is_list($fields) && $refuse(Strings::text('form.sheet'));
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['fields.*' => Strings::text('form.sheet'), 'fields' => Strings::text('form.sheet')];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        /** @var array<string, mixed> $fields */
        $fields = (array) $this->input('fields');

        return $fields;
    }
}
