<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewName', required: ['name'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
])]
final class NameRequest extends FormRequest
{
    public const RULE = ['required', 'string', 'max:80', 'regex:/\p{L}/u', 'not_regex:/[\p{Cc}]/u'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => self::RULE];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.max' => Strings::text('form.too-long'), 'name.*' => Strings::text('form.own-name-missing')];
    }
}
