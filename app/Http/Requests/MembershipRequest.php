<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Group;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChosenGroups', required: ['groups'], properties: [
    new OA\Property(property: 'groups', description: 'of those one answers for; in others nothing changes', type: 'array', items: new OA\Items(type: 'integer')),
])]
final class MembershipRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('regroup', $this->route('person'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['groups' => ['present', 'array', 'list', 'max:200']] + self::among($this->user());
    }

    /** @return array<string, list<mixed>> that each is a group of this person's */
    public static function among(mixed $user): array
    {
        return ['groups.*' => ['integer', Rule::in($user instanceof User ? Group::of($user)->pluck('id')->all() : [])]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['groups' => Strings::text('form.groups-wrong'), 'groups.*' => Strings::text('form.groups-wrong')];
    }

    /** @return list<int> */
    public function groups(): array
    {
        return array_map(intval(...), array_values((array) $this->input('groups')));
    }
}
