<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CaseDraft;
use App\Strings;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Shelf', properties: [
    new OA\Property(property: 'archived', description: 'put away; left out, as it was', type: 'boolean'),
    new OA\Property(property: 'difficulty', description: 'empty: not said; left out, as it was', type: 'string', enum: ['', 'easy', 'middling', 'hard']),
    new OA\Property(property: 'goals', description: 'what it is to teach, in words of one\'s own; left out, as they were', type: 'array', items: new OA\Items(type: 'string', maxLength: 40)),
])]
final class ShelfRequest extends FormRequest
{
    private const MOST_GOALS = 8;

    private const LONGEST_GOAL = 40;

    /** Before anything is looked at. */
    public function authorize(): bool
    {
        return Gate::allows('own', $this->route('case'));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'archived' => [...($this->has('goals') || $this->has('difficulty') ? ['sometimes'] : []), 'required', 'boolean'],
            'difficulty' => ['sometimes', 'present', 'string', Rule::in(CaseDraft::DIFFICULTIES)],
            'goals' => ['sometimes', 'bail', 'present', 'array', 'list', 'max:'.self::MOST_GOALS, self::differ(...)],
            'goals.*' => ['bail', 'required', 'string', 'max:'.self::LONGEST_GOAL, 'regex:/\p{L}/u', 'not_regex:/\p{Cc}/u'],
        ];
    }

    /** The same goal twice is one. */
    private static function differ(string $field, mixed $goals, Closure $refuse): void
    {
        $words = array_map(static fn (mixed $one): string => is_string($one) ? mb_strtolower(trim($one)) : '', is_array($goals) ? $goals : []);
        if (count(array_unique($words)) < count($words)) {
            $refuse(Strings::text('form.goal'));
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['difficulty.*' => Strings::text('form.difficulty'), 'archived.*' => Strings::text('form.archived'), 'goals.max' => Strings::text('form.goals-many', ['most' => self::MOST_GOALS]), 'goals' => Strings::text('form.goal'), 'goals.*' => Strings::text('form.goal')];
    }

    /** @return array<string, mixed> what changes of the draft */
    public function changes(): array
    {
        return ($this->has('archived') ? ['archived_at' => $this->boolean('archived') ? now() : null] : [])
            + ($this->has('difficulty') ? ['difficulty' => $this->string('difficulty')->toString()] : [])
            + ($this->has('goals') ? ['goals' => array_values(array_map(static fn (mixed $one): string => trim(is_string($one) ? $one : ''), (array) $this->input('goals')))] : []);
    }
}
