<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Terms;
use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;
use App\Strings;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Lernfall\Evidence\Variation\Variation;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewRelease', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['at-once', 'instructor', 'date', 'all-done']),
    new OA\Property(property: 'at', description: 'for "date", and at the latest for "all-done"', type: 'string', format: 'date-time'),
])]
#[OA\Schema(schema: 'NewAssignment', properties: [
    new OA\Property(property: 'groups', description: 'to whom; with nobody named either, an instructor of one group may leave it out', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'people', description: 'apprentices it is given to singly', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'release', description: 'left out: at once where advice may be asked, else by the instructor', ref: '#/components/schemas/NewRelease'),
    new OA\Property(property: 'tries', description: 'how often one may begin it, 0: as often as one likes; left out: so where advice may be asked, else once', type: 'integer', minimum: 0, maximum: 20),
    new OA\Property(property: 'variation', description: 'in what the cars differ: not at all, in corner, wire and strength of the same kind of fault, in the fault; left out: not at all where advice may be asked, else in corner', type: 'string', enum: ['same', 'kind', 'other']),
    new OA\Property(property: 'minutesAllowed', description: 'for one job, by the clock, 0: as long as one likes; left out: so', type: 'integer', minimum: 0, maximum: 600),
    new OA\Property(property: 'closedRoom', description: 'whether the lab, other jobs and old reports are closed to whoever is at work on it; left out: not where advice may be asked, else so', type: 'boolean'),
    new OA\Property(property: 'handbook', description: 'open then; left out: it is', type: 'boolean'),
    new OA\Property(property: 'startsAt', description: 'from when it can be begun', type: 'string', format: 'date-time'),
    new OA\Property(property: 'endsAt', description: 'until when it can be begun', type: 'string', format: 'date-time'),
], type: 'object')]
final class PublicationRequest extends FormRequest
{
    private const MOST_PEOPLE = 500;

    private const MOST_TRIES = 20;

    private const MOST_MINUTES = 600;

    private const A_TIME = ['bail', 'string', 'regex:/^\d{4}-\d\d-\d\dT\d\d:\d\d/', 'date', 'after:now', 'before:+5 years'];

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('own', $this->route('case'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $needsGroup = count($this->myGroups()) !== 1 && ($this->input('people') ?? []) === [];

        return [
            'groups' => ['bail', $needsGroup ? 'required' : 'sometimes', 'array', 'max:'.self::MOST_PEOPLE],
            'groups.*' => ['required', 'integer', 'distinct', Rule::in($this->myGroups())],
            'people' => ['sometimes', 'array', 'max:'.self::MOST_PEOPLE],
            'people.*' => ['required', 'integer', 'distinct', Rule::in($this->myApprentices())],
            'release' => ['sometimes', 'required', 'array'],
            'release.kind' => ['required_with:release', 'string', 'in:at-once,instructor,date,all-done'],
            'release.at' => ['required_if:release.kind,date,all-done', ...self::A_TIME],
            'variation' => ['sometimes', Rule::enum(Variation::class)],
            'tries' => ['sometimes', 'integer', 'between:0,'.self::MOST_TRIES],
            'minutesAllowed' => ['sometimes', 'integer', 'between:0,'.self::MOST_MINUTES],
            'closedRoom' => ['sometimes', 'boolean'],
            'handbook' => ['sometimes', 'boolean'],
            'startsAt' => ['sometimes', ...array_diff(self::A_TIME, ['after:now'])],
            'endsAt' => ['sometimes', ...self::A_TIME, ...(is_string($this->input('startsAt')) ? ['after:startsAt'] : [])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'groups.*' => Strings::text('form.group-missing'),
            'people.*' => Strings::text('form.people-missing'),
            'release.kind.*' => Strings::text('release.kind-wrong'), 'release.required' => Strings::text('release.kind-wrong'), 'release.array' => Strings::text('release.kind-wrong'), 'release.at.*' => Strings::text('release.date-wrong'),
            'variation.*' => Strings::text('form.variation'),
            'tries.*' => Strings::text('form.tries', ['most' => (string) self::MOST_TRIES]),
            'minutesAllowed.*' => Strings::text('form.minutes-allowed', ['most' => (string) self::MOST_MINUTES]), 'closedRoom.*' => Strings::text('form.yes-or-no'), 'handbook.*' => Strings::text('form.yes-or-no'),
            'startsAt.*' => Strings::text('form.starts-at'), 'endsAt.*' => Strings::text('form.ends-at'),
        ];
    }

    /** @return list<int> given to nobody at all: to the one group of whoever publishes */
    public function groups(): array
    {
        return $this->integers('groups') === [] && $this->people() === [] ? $this->myGroups() : $this->integers('groups');
    }

    /** @return list<int> */
    public function people(): array
    {
        return $this->integers('people');
    }

    public function terms(CaseDraft $case): Terms
    {
        $usual = Terms::usual($case->isPractice());

        return new Terms(
            $this->has('release') ? Release::of(ReleaseKind::from($this->string('release.kind')->toString()), $this->time('release.at')) : $usual->release,
            $this->has('tries') ? ($this->integer('tries') ?: null) : $usual->tries,
            $this->time('startsAt'),
            $this->time('endsAt'),
            $this->has('variation') ? Variation::from($this->string('variation')->toString()) : $usual->variation,
            $this->integer('minutesAllowed') ?: null,
            $this->boolean('closedRoom', $usual->closedRoom),
            $this->boolean('handbook', true),
        );
    }

    private function time(string $field): ?Carbon
    {
        return $this->filled($field) ? Carbon::parse($this->string($field)->toString())->utc() : null;
    }

    /** @return list<int> */
    private function integers(string $field): array
    {
        $given = $this->input($field);

        return is_array($given) ? array_values(array_map(intval(...), $given)) : [];
    }

    /** @return list<int> of whoever publishes */
    private function myGroups(): array
    {
        $user = $this->user();

        return $user instanceof User ? $user->groupIds() : [];
    }

    /** @return list<int> in those */
    private function myApprentices(): array
    {
        return array_values(User::query()->where('role', Role::Apprentice)->tap(fn (Builder $all) => User::onlyIn($all, $this->myGroups()))->pluck('id')->all());
    }
}
