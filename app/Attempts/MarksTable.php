<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Absence;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/**
 * The marks of a group: a row for everybody who is in it or has worked for it, a column for each assignment to it or to somebody in
 * it. Of several jobs of one assignment the newest counts. Practice is seen to be done and has no mark.
 *
 * @phpstan-type Entry array{attempt: ?int, state: string, points: ?float, outOf: ?float, grade: ?string, decided: bool, proposed: bool}
 * @phpstan-type Line array{id: int, name: string, signIn: string, hasLeft: bool, marks: list<Entry>, points: float, outOf: float, grade: ?string}
 * @phpstan-type Column array{id: int, case: int, name: string, practice: bool, givenAt: string}
 */
final readonly class MarksTable
{
    public function __construct(private DecidedMarks $decided, private Grades $grades)
    {
    }

    /** @return array{cases: list<Column>, people: list<Line>} */
    public function of(Group $group): array
    {
        $grades = $this->grades->table();
        $present = $group->people->where('role', Role::Apprentice);
        $assignments = $this->assignments($group, $present);
        $attempts = Attempt::query()->with(['apprentice', 'assignment', 'version', 'markSheet', 'overrides'])->whereIn('assignment_id', $assignments->modelKeys())->orderBy('number')->get();
        $isOfGroup = $assignments->mapWithKeys(static fn (Assignment $one): array => [$one->id => $one->groups->contains('id', $group->id)]);
        $attempts = $attempts->filter(static fn (Attempt $one): bool => $isOfGroup[$one->assignment_id] || $present->contains('id', $one->apprentice_id));
        $of = $attempts->groupBy('apprentice_id')->map(static fn (Collection $jobs): Collection => $jobs->keyBy('assignment_id'));

        return [
            'cases' => array_values($assignments->map(self::column(...))->all()),
            'people' => array_values($present->concat($attempts->pluck('apprentice'))->unique('id')->sortBy('name')
                ->map(fn (User $person): array => $this->line($person, ! $present->contains('id', $person->id), array_values($assignments->map(fn (Assignment $one): array => $this->entry($one, $person, $of->get($person->id)?->get($one->id), $grades))->all()), $grades))->all()),
        ];
    }

    /**
     * @param  Collection<int, User>  $present
     * @return Collection<int, Assignment> what was taken back before anybody began it is none
     */
    private function assignments(Group $group, Collection $present): Collection
    {
        return Assignment::query()->with(['version.draft', 'groups', 'people', 'absences'])->orderBy('id')
            ->where(static fn (Builder $one) => $one->whereNull('withdrawn_at')->orWhereHas('attempts'))
            ->where(static fn (Builder $one) => $one->whereHas('groups', static fn (Builder $of) => $of->whereKey($group->id))->orWhereHas('people', static fn (Builder $of) => $of->whereKey($present->modelKeys())))
            ->get();
    }

    /** @return Column */
    private static function column(Assignment $assignment): array
    {
        $name = $assignment->version->draft->document['name'] ?? '';

        return ['id' => $assignment->id, 'case' => $assignment->version->case_draft_id, 'name' => is_string($name) ? $name : '', 'practice' => $assignment->version->isPractice(), 'givenAt' => $assignment->given_at->toIso8601String()];
    }

    /**
     * @param  list<Entry>  $marks
     * @return Line
     */
    private function line(User $person, bool $hasLeft, array $marks, GradeTable $grades): array
    {
        $points = round(array_sum(array_map(static fn (array $one): float => $one['points'] ?? 0.0, $marks)), 2);
        $outOf = array_sum(array_map(static fn (array $one): float => $one['outOf'] ?? 0.0, $marks));

        return [
            'id' => $person->id, 'name' => $person->name, 'signIn' => $person->sign_in, 'hasLeft' => $hasLeft, 'marks' => $marks,
            'points' => $points, 'outOf' => $outOf, 'grade' => $grades->of($points, $outOf),
        ];
    }

    /** @return Entry */
    private function entry(Assignment $assignment, User $person, ?Attempt $attempt, GradeTable $grades): array
    {
        $state = self::state($assignment, $person, $attempt);
        $counts = $state === 'marked' && $attempt?->markSheet !== null;
        $points = $counts ? round($this->decided->points($attempt), 2) : null;
        $outOf = $counts ? (float) ($attempt->markSheet->sheet['outOf'] ?? 0) : null;

        return [
            'attempt' => $attempt?->id,
            'state' => $state,
            'points' => $points,
            'outOf' => $outOf,
            'grade' => $points === null ? null : $grades->of($points, $outOf),
            'proposed' => $counts && $attempt->confirmed_at === null,
            'decided' => $counts && $this->decided->overridden($attempt)->isNotEmpty(),
        ];
    }

    private static function state(Assignment $assignment, User $person, ?Attempt $attempt): string
    {
        return match (true) {
            $assignment->annulled_at !== null => 'annulled',
            $assignment->absences->contains(static fn (Absence $one): bool => $one->user_id === $person->id && $one->kind === 'interrupted') => 'interrupted',
            $attempt === null && $assignment->absences->contains('user_id', $person->id) => (string) $assignment->absences->firstWhere('user_id', $person->id)?->kind,
            $attempt === null => $assignment->groups->isEmpty() && ! $assignment->people->contains('id', $person->id) ? 'not-given' : 'not-started',
            $attempt->concluded_at === null => 'under-way',
            $attempt->version->isPractice() => 'practised',
            default => $attempt->markSheet === null ? 'awaited' : 'marked',
        };
    }
}
