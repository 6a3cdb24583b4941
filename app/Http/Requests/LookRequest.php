<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Joining;
use App\Models\JoinCode;
use App\Strings;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use LogicException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Look', required: ['code'], properties: [
    new OA\Property(property: 'code', description: 'as the class is shown it', type: 'string'),
])]
class LookRequest extends FormRequest
{
    protected const LONGEST_CODE = 40;

    private ?JoinCode $code = null;

    private bool $isLookedUp = false;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['bail', 'required', 'string', 'max:'.self::LONGEST_CODE, function (string $field, mixed $value, Closure $fail): void {
            $this->found() === null && $fail(Strings::text('join.code-wrong'));
        }]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.*' => Strings::text('join.code-wrong')];
    }

    /** Of a request that was found in order. */
    public function joinCode(): JoinCode
    {
        return $this->found() ?? throw new LogicException('looked at before its code was checked');
    }

    /** @throws \App\Accounts\TooSoon */
    protected function found(): ?JoinCode
    {
        if (! $this->isLookedUp) {
            $this->isLookedUp = true;
            $this->code = app(Joining::class)->found($this->string('code')->toString(), (string) $this->ip());
        }

        return $this->code;
    }
}
