<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPassword', required: ['password'], properties: [
    new OA\Property(property: 'current', description: 'not needed where it was for once', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
])]
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $user = $this->user();
        $isForOnce = $user instanceof User && $user->chooses_password;

        return ['current' => [$isForOnce ? 'nullable' : 'required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.required' => Strings::text('form.password-missing'), 'password.required' => Strings::text('form.password-new-missing'), 'password.max' => Strings::text('form.too-long')];
    }
}
