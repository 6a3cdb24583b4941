<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use Illuminate\Support\Collection;

/**
 * How marked jobs went, put together: over time, by what they were to teach, by what is marked, and by the mistakes known by name.
 *
 * @phpstan-type Share array{name: string, share: float, jobs: int}
 */
final readonly class Progress
{
    public function __construct(private DecidedMarks $decided)
    {
    }

    /**
     * @param  Collection<int, Attempt>  $attempts  closed ones, with version.draft, assignment, markSheet and overrides
     * @return array{jobs: int, overTime: list<array{at: string, jobTitle: string, share: float}>, goals: list<Share>, criteria: list<Share>, mistakes: list<array{name: string, jobs: int}>}
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
            'goals' => self::means($goals), 'criteria' => self::means($criteria),
            'mistakes' => array_map(static fn (string $name, int $jobs): array => ['name' => $name, 'jobs' => $jobs], array_keys($mistakes), array_values($mistakes)),
        ];
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
