<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Models\User;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewRelease', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['at-once', 'instructor', 'date', 'all-done']),
    new OA\Property(property: 'at', description: 'for "date", and at the latest for "all-done"', type: 'string', format: 'date-time'),
])]
final class PublicationRequest extends FormRequest
{
    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('own', $this->route('case'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'group' => [count($this->groups()) === 1 ? 'sometimes' : 'required', 'integer', Rule::in($this->groups())],
            'release' => ['sometimes', 'required', 'array'],
            'release.kind' => ['required_with:release', 'string', 'in:at-once,instructor,date,all-done'],
            'release.at' => ['required_if:release.kind,date,all-done', 'bail', 'string', 'regex:/^\d{4}-\d\d-\d\dT\d\d:\d\d/', 'date', 'after:now', 'before:+5 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['group.*' => Strings::text('form.group-missing'), 'release.kind.*' => Strings::text('release.kind-wrong'), 'release.required' => Strings::text('release.kind-wrong'), 'release.array' => Strings::text('release.kind-wrong'), 'release.at.*' => Strings::text('release.date-wrong')];
    }

    /** To which of the groups of whoever publishes. */
    public function group(): int
    {
        return $this->has('group') ? $this->integer('group') : $this->groups()[0];
    }

    /** @return list<int> */
    private function groups(): array
    {
        $user = $this->user();

        return $user instanceof User ? $user->groupIds() : [];
    }

    /** Null where nothing was chosen. */
    public function release(): ?Release
    {
        return $this->has('release')
            ? Release::of(ReleaseKind::from($this->string('release.kind')->toString()), $this->filled('release.at') ? Carbon::parse($this->string('release.at')->toString()) : null)
            : null;
    }
}
