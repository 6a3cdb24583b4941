<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Roster\Roster;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RosterFile', required: ['csv'], properties: [
    new OA\Property(property: 'csv', description: 'the file as it is, in base 64: name, sign-in and group a row', type: 'string'),
    new OA\Property(property: 'group', description: 'for those whose group is left open', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
])]
final class RosterRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('add', [User::class, Role::Apprentice]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->user();

        return [
            'csv' => ['bail', 'required', 'string', 'regex:~^[A-Za-z0-9+/]+=*$~D', 'max:'.(int) ceil(Roster::MOST_BYTES / 3 * 4)],
            'group' => ['nullable', 'integer', Rule::in($user instanceof User ? Group::of($user)->pluck('id')->all() : [])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['csv.max' => Strings::text('roster.large', ['kilobytes' => intdiv(Roster::MOST_BYTES, 1024)]), 'csv.*' => Strings::text('roster.missing'), 'group.*' => Strings::text('form.group-missing')];
    }

    public function bytes(): string
    {
        return (string) base64_decode($this->string('csv')->toString(), true);
    }

    public function group(): ?Group
    {
        return $this->filled('group') ? Group::query()->find($this->integer('group')) : null;
    }
}
