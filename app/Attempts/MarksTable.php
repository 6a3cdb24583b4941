<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\CaseVersion;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/**
 * The marks of a group: a row for everybody who is in it or has worked for it, a column for each case it was given. Of several
 * versions of a case the newest job counts. Practice is seen to be done and has no mark.
 *
 * @phpstan-type Entry array{attempt: ?int, state: string, points: ?float, outOf: ?float, decided: bool}
 * @phpstan-type Line array{id: int, name: string, signIn: string, hasLeft: bool, marks: list<Entry>, points: float, outOf: float}
 */
final readonly class MarksTable
{
    public function __construct(private DecidedMarks $decided)
    {
    }

    /** @return array{cases: list<array{id: int, name: string, practice: bool}>, people: list<Line>} */
    public function of(Group $group): array
    {
        $versions = CaseVersion::query()->with('draft')->where('group_id', $group->id)->orderBy('id')->get();
        $cases = $versions->unique('case_draft_id')->values();
        $attempts = Attempt::query()->with(['apprentice', 'version', 'markSheet', 'overrides'])->whereIn('case_version_id', $versions->modelKeys())->orderBy('id')->get();
        $of = $attempts->groupBy('apprentice_id')->map(static fn (Collection $jobs): Collection => $jobs->keyBy(static fn (Attempt $one): int => $one->version->case_draft_id));
        $present = $group->people->where('role', Role::Apprentice);

        return [
            'cases' => array_values($cases->map(static fn (CaseVersion $one): array => ['id' => $one->case_draft_id, 'name' => self::name($one), 'practice' => self::isPractice($one)])->all()),
            'people' => array_values($present->concat($attempts->pluck('apprentice'))->unique('id')->sortBy('name')
                ->map(fn (User $person): array => $this->line($person, ! $present->contains('id', $person->id), array_values($cases->map(fn (CaseVersion $case): array => $this->entry($of->get($person->id)?->get($case->case_draft_id)))->all())))->all()),
        ];
    }

    /**
     * @param  list<Entry>  $marks
     * @return Line
     */
    private function line(User $person, bool $hasLeft, array $marks): array
    {
        return [
            'id' => $person->id, 'name' => $person->name, 'signIn' => $person->sign_in, 'hasLeft' => $hasLeft, 'marks' => $marks,
            'points' => round(array_sum(array_map(static fn (array $one): float => $one['points'] ?? 0.0, $marks)), 2),
            'outOf' => array_sum(array_map(static fn (array $one): float => $one['outOf'] ?? 0.0, $marks)),
        ];
    }

    /** @return Entry */
    private function entry(?Attempt $attempt): array
    {
        $isMarked = $attempt?->concluded_at !== null && $attempt->markSheet !== null;
        $counts = $isMarked && ! self::isPractice($attempt->version);

        return [
            'attempt' => $attempt?->id,
            'state' => match (true) {
                $attempt === null => 'not-started',
                $attempt->concluded_at === null => 'under-way',
                self::isPractice($attempt->version) => 'practised',
                default => $isMarked ? 'marked' : 'awaited',
            },
            'points' => $counts ? round($this->decided->points($attempt), 2) : null,
            'outOf' => $counts ? (float) ($attempt->markSheet->sheet['outOf'] ?? 0) : null,
            'decided' => $counts && $this->decided->overridden($attempt)->isNotEmpty(),
        ];
    }

    private static function isPractice(CaseVersion $version): bool
    {
        return ($version->decoded()['practice'] ?? false) === true;
    }

    private static function name(CaseVersion $version): string
    {
        $name = $version->draft->document['name'] ?? '';

        return is_string($name) ? $name : '';
    }
}
