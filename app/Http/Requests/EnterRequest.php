<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Enter', required: ['token'], properties: [
    new OA\Property(property: 'token', description: 'as it was given when I asked', type: 'string'),
])]
final class EnterRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['token' => ['bail', 'required', 'string', 'max:100']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['token.*' => Strings::text('join.nobody')];
    }
}
