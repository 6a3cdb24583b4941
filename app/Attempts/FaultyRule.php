<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/**
 * A rule that was wrong for an assignment: which jobs it has cost points, and their marks corrected for all of them at once, never
 * downwards. A single one is decided on its report.
 *
 * @phpstan-type Touched array{criterion: string, outOf: float, jobs: list<array{attempt: int, apprentice: string, points: float}>}
 */
final readonly class FaultyRule
{
    public function __construct(private DecidedMarks $decided)
    {
    }

    /** @return list<Touched> by criterion: the jobs that did not get all of its points, by name */
    public function touched(Assignment $assignment): array
    {
        $rules = [];
        foreach ($this->marked($assignment) as $attempt) {
            foreach ($this->decided->criteria($attempt) as $criterion => $outOf) {
                $points = $this->points($attempt, $criterion);
                $rules[$criterion] ??= ['criterion' => $criterion, 'outOf' => (float) $outOf, 'jobs' => []];
                if ($points < $outOf) {
                    $rules[$criterion]['jobs'][] = ['attempt' => $attempt->id, 'apprentice' => $attempt->apprentice->name, 'points' => round($points, 2)];
                }
            }
        }

        return array_values($rules);
    }

    /**
     * Everybody gets so many points of it at least.
     *
     * @return int whose mark has risen
     */
    public function raise(Assignment $assignment, string $criterion, float $points, string $reason, User $by): int
    {
        $fewer = $this->marked($assignment)->filter(fn (Attempt $one): bool => isset($this->decided->criteria($one)[$criterion]) && $this->points($one, $criterion) < min($points, $this->decided->criteria($one)[$criterion]));
        DB::transaction(fn () => $fewer->each(function (Attempt $one) use ($by, $criterion, $points, $reason): void {
            $one->update(['confirmed_at' => null, 'confirmed_by' => null]); // what counts now is another mark
            $this->decided->decide($one, $by, $criterion, min($points, $this->decided->criteria($one)[$criterion]), $reason);
        }));

        return $fewer->count();
    }

    private function points(Attempt $attempt, string $criterion): float
    {
        $computed = array_column($attempt->markSheet->sheet['marks'] ?? [], 'points', 'criterion');

        return (float) ($this->decided->overridden($attempt)->get($criterion)->points ?? $computed[$criterion] ?? 0.0);
    }

    /** @return Collection<int, Attempt> by name */
    private function marked(Assignment $assignment): Collection
    {
        return $assignment->attempts()->with(['apprentice', 'markSheet', 'overrides'])->whereNotNull('concluded_at')->whereHas('markSheet')->get()->sortBy('apprentice.name')->values();
    }
}
