<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Strings;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
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

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'release' => ['sometimes', 'required', 'array'],
            'release.kind' => ['required_with:release', 'string', 'in:at-once,instructor,date,all-done'],
            'release.at' => ['required_if:release.kind,date,all-done', 'bail', 'string', 'regex:/^\d{4}-\d\d-\d\dT\d\d:\d\d/', 'date', 'after:now', 'before:+5 years'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['release.kind.*' => Strings::text('release.kind-wrong'), 'release.required' => Strings::text('release.kind-wrong'), 'release.array' => Strings::text('release.kind-wrong'), 'release.at.*' => Strings::text('release.date-wrong')];
    }

    /** Null where nothing was chosen. */
    public function release(): ?Release
    {
        return $this->has('release')
            ? Release::of(ReleaseKind::from($this->string('release.kind')->toString()), $this->filled('release.at') ? Carbon::parse($this->string('release.at')->toString()) : null)
            : null;
    }
}
