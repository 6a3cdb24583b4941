<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Joining;
use App\Accounts\Passwords;
use App\Models\User;
use App\Strings;
use Illuminate\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Join', required: ['code', 'password'], properties: [
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'person', description: 'who I am on the list', type: 'integer'),
    new OA\Property(property: 'name', description: 'where I am not on it', type: 'string'),
    new OA\Property(property: 'signIn', description: 'likewise; two to forty small letters, digits, dots and dashes', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
])]
final class JoinRequest extends LookRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $code = parent::rules();
        $typed = $this->input('code');
        if (! is_string($typed) || mb_strlen($typed) > self::LONGEST_CODE || $this->found() === null) {
            return $code; // nothing else is told to whoever has none, not even which names are taken
        }

        return $code + [
            'person' => ['sometimes', 'integer'],
            'name' => ['exclude_with:person', ...NameRequest::RULE],
            'signIn' => ['exclude_with:person', 'bail', 'required', 'string', 'regex:/^[a-z0-9][a-z0-9.-]{1,39}$/D', 'unique:users,sign_in'],
            'password' => ['required', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'person.*' => Strings::text('join.not-listed'), 'name.max' => Strings::text('form.too-long'), 'name.*' => Strings::text('form.person-name-missing'),
            'signIn.unique' => Strings::text('form.sign-in-taken'), 'signIn.*' => Strings::text('form.sign-in-letters'),
            'password.max' => Strings::text('form.too-long'), 'password.*' => Strings::text('form.password-new-missing'),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $sound): void {
            if ($sound->errors()->isNotEmpty()) {
                return;
            }
            $joining = app(Joining::class);
            $group = $this->joinCode()->group;
            if ($this->has('person') && $this->listed() === null) {
                $sound->errors()->add('person', Strings::text('join.not-listed'));

                return;
            }
            $objection = app(Passwords::class)->objection($this->string('password')->toString(), $this->listed() ?? new User(['sign_in' => $this->string('signIn')->toString()]));
            $objection !== null && $sound->errors()->add('password', Strings::text($objection, ['least' => Passwords::LEAST]));
            $joining->waiting($group)->count() >= Joining::MOST_WAITING && $sound->errors()->add('code', Strings::text('join.full'));
        });
    }

    public function listed(): ?User
    {
        return $this->has('person') ? app(Joining::class)->listed($this->joinCode()->group)->find($this->integer('person')) : null;
    }
}
