<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewExtraTime', required: ['percent'], properties: [new OA\Property(property: 'percent', type: 'integer', minimum: 0, maximum: 200)])]
final class ExtraTimeRequest extends FormRequest
{
    private const MOST_PERCENT = 200;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('resetPassword', $this->route('person'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['percent' => ['required', 'integer', 'between:0,'.self::MOST_PERCENT]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['percent.*' => Strings::text('lesson.percent-wrong', ['most' => (string) self::MOST_PERCENT])];
    }
}
