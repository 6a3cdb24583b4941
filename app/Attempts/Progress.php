<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use Illuminate\Support\Collection;

/**
 * How marked jobs went, put together: over time, by what they were to teach, by what is marked, by stage of work, and by the
 * mistakes known by name.
 *
 * @phpstan-type Share array{name: string, share: float, jobs: int}
 * @phpstan-type AtStage array{stage: string, minutes: float, lost: float}
 */
final readonly class Progress
{
    public function __construct(private DecidedMarks $decided)
    {
    }

    /**
     * @param  Collection<int, Attempt>  $attempts  closed ones, with version.draft, assignment, markSheet, overrides and actions
     * @return array{jobs: int, overTime: list<array{at: string, jobTitle: string, share: float}>, goals: list<Share>, criteria: list<Share>, stages: list<AtStage>, mistakes: list<array{name: string, jobs: int}>}
     */
    public function of(Collection $attempts): array
    {
        $marked = $attempts->filter(static fn (Attempt $one): bool => $one->concluded_at !== null && $one->markSheet !== null && $one->assignment !== null && $one->assignment->annulled_at === null)->sortBy('concluded_at')->values();
        $goals = $criteria = $mistakes = [];
        foreach ($marked as $one) {
            foreach ($one->version->draft->goals as $goal) {
                $goals[$goal][] = $this->share($one);
            }
            foreach ($one->markSheet->sheet['marks'] ?? [] as $mark) {
                if ($mark['outOf'] > 0) {
                    $criteria[$mark['criterion']][] = $mark['points'] / $mark['outOf'];
                }
            }
            foreach (array_unique(array_column($one->markSheet->sheet['mistakes'] ?? [], 'id')) as $mistake) {
                $mistakes[$mistake] = ($mistakes[$mistake] ?? 0) + 1;
            }
        }
        arsort($mistakes);

        return [
            'jobs' => $marked->count(),
            'overTime' => array_values($marked->map(fn (Attempt $one): array => ['at' => (string) $one->concluded_at?->toIso8601String(), 'jobTitle' => (string) ($one->version->decoded()['jobTitle'] ?? ''), 'share' => $this->share($one)])->all()),
            'goals' => self::means($goals), 'criteria' => self::means($criteria), 'stages' => self::stages($marked),
            'mistakes' => array_map(static fn (string $name, int $jobs): array => ['name' => $name, 'jobs' => $jobs], array_keys($mistakes), array_values($mistakes)),
        ];
    }

    /**
     * @param  Collection<int, Attempt>  $marked
     * @return list<AtStage> means of a job, in their order: minutes that were spent, and points that were lost at a step of it
     */
    private static function stages(Collection $marked): array
    {
        $minutes = $lost = array_fill_keys(Stages::inOrder(), 0.0);
        foreach ($marked as $one) {
            $stages = [];
            foreach ($one->actions as $action) {
                $stages[$action->number] = $stage = Stages::of((string) ($action->action['do'] ?? ''));
                $stage === null || $minutes[$stage] += $action->minutes;
            }
            foreach ($one->markSheet->sheet['marks'] ?? [] as $mark) {
                $stage = $stages[$mark['step'] ?? 0] ?? null;
                $stage === null || $lost[$stage] += max(0.0, $mark['outOf'] - $mark['points']);
            }
        }
        $jobs = max(1, $marked->count());

        return array_map(static fn (string $stage): array => ['stage' => $stage, 'minutes' => round($minutes[$stage] / $jobs, 1), 'lost' => round($lost[$stage] / $jobs, 2)], Stages::inOrder());
    }

    /** Of the points there are, 0 to 1. */
    private function share(Attempt $attempt): float
    {
        $outOf = (float) ($attempt->markSheet->sheet['outOf'] ?? 0);

        return $outOf > 0.0 ? round($this->decided->points($attempt) / $outOf, 4) : 0.0;
    }

    /**
     * @param  array<string, list<float>>  $shares
     * @return list<Share> the lowest first: there is most to learn
     */
    private static function means(array $shares): array
    {
        $means = array_map(static fn (string $name, array $all): array => ['name' => $name, 'share' => round(array_sum($all) / count($all), 4), 'jobs' => count($all)], array_keys($shares), array_values($shares));
        usort($means, static fn (array $one, array $other): int => $one['share'] <=> $other['share']);

        return $means;
    }
}
