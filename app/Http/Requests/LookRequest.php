<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Joining;
use App\Models\JoinCode;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Look', required: ['code'], properties: [
    new OA\Property(property: 'code', description: 'as the class is shown it', type: 'string'),
])]
class LookRequest extends FormRequest
{
    private ?JoinCode $code = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['bail', 'required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => Strings::text('join.code-wrong')];
    }

    /** @throws ValidationException|\App\Accounts\TooSoon */
    public function joinCode(): JoinCode
    {
        return $this->code ??= app(Joining::class)->found($this->string('code')->toString(), (string) $this->ip())
            ?? throw ValidationException::withMessages(['code' => Strings::text('join.code-wrong')]);
    }
}
