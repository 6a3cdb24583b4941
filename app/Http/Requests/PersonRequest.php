<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPerson', required: ['name', 'signIn'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
    new OA\Property(property: 'signIn', description: 'two to forty small letters, digits, dots and dashes', type: 'string'),
    new OA\Property(property: 'groups', description: 'at least one of mine for an apprentice; may be left out by whoever has only one', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'role', description: 'an apprentice where left out', type: 'string', enum: ['apprentice', 'instructor']),
])]
final class PersonRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('add', [User::class, $this->role()]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $mine = $this->mine();
        $needed = $this->role() === Role::Instructor ? 'sometimes' : (count($mine) === 1 ? 'filled' : 'required');

        return MembershipRequest::among($this->user()) + [
            'groups' => [$needed, 'array', 'list', 'max:200'],
            'name' => NameRequest::RULE,
            'signIn' => ['required', 'string', 'regex:/^[a-z0-9][a-z0-9.-]{1,39}$/D', 'unique:users,sign_in'],
            'role' => ['sometimes', 'string', 'in:apprentice,instructor'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'groups' => Strings::text('form.group-missing'), 'groups.*' => Strings::text('form.group-missing'),
            'name.max' => Strings::text('form.too-long'), 'name.*' => Strings::text('form.person-name-missing'),
            'signIn.unique' => Strings::text('form.sign-in-taken'), 'signIn.*' => Strings::text('form.sign-in-letters'),
        ];
    }

    /** @return list<int> */
    public function groups(): array
    {
        $mine = $this->mine();

        return $this->has('groups') || $this->role() === Role::Instructor ? array_map(intval(...), array_values((array) $this->input('groups'))) : $mine;
    }

    /** @return list<int> */
    private function mine(): array
    {
        $user = $this->user();

        return $user instanceof User ? array_values(Group::of($user)->pluck('id')->all()) : [];
    }

    public function role(): Role
    {
        $role = $this->input('role');

        return (is_string($role) ? Role::tryFrom($role) : null) ?? Role::Apprentice;
    }
}
