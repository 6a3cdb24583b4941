<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SignIn', required: ['name', 'password'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
])]
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => Strings::text('form.name-missing'), 'password.required' => Strings::text('form.password-missing')];
    }
}
