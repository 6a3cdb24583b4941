<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewDoor', required: ['minutes'], properties: [
    new OA\Property(property: 'minutes', description: 'how long it is open, up to fourteen days', type: 'integer', minimum: 5, maximum: 20160),
])]
final class JoinCodeRequest extends FormRequest
{
    private const LEAST = 5;

    private const MOST = 20160;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('manage', $this->route('group'));
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['minutes' => ['bail', 'required', 'integer', 'between:'.self::LEAST.','.self::MOST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.*' => Strings::text('join.how-long')];
    }
}
