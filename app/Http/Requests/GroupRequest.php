<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Group;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewGroup', required: ['name'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
])]
final class GroupRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        $group = $this->route('group');

        return $group === null ? Gate::allows('list', Group::class) : Gate::allows('manage', $group);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $group = $this->route('group');

        return ['name' => [...NameRequest::RULE, Rule::unique('groups', 'name')->ignore($group instanceof Group ? $group->id : null)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.max' => Strings::text('form.too-long'), 'name.unique' => Strings::text('form.group-taken'), 'name.*' => Strings::text('form.group-name-missing')];
    }
}
