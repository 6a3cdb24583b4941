<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\MarkOverride;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use LogicException;

/** The marks that count: those an instructor decided where there are any, the computed ones elsewhere. */
final readonly class DecidedMarks
{
    public function decide(Attempt $attempt, User $instructor, string $criterion, ?float $points, string $reason): void
    {
        MarkOverride::query()->create([
            'attempt_id' => $attempt->id, 'instructor_id' => $instructor->id, 'criterion' => $criterion, 'points' => $points, 'reason' => $reason, 'decided_at' => now(),
        ]);
    }

    /** @return array<string, int> the most points of each criterion that was marked */
    public function criteria(Attempt $attempt): array
    {
        return array_column($this->sheet($attempt)['marks'], 'outOf', 'criterion');
    }

    /** Of all criteria together, what asked advice has cost taken off; a cap for safety holds unless safety was decided otherwise. */
    public function points(Attempt $attempt): float
    {
        $sheet = $this->sheet($attempt);
        $overridden = $this->overridden($attempt)->map(static fn (MarkOverride $one): float => (float) $one->points)->all();
        $points = array_sum([...array_column($sheet['marks'], 'points', 'criterion'), ...$overridden]) - array_sum(array_column($sheet['counsel'] ?? [], 'points'));
        $cap = isset($overridden['safety']) ? null : $sheet['cap']['points'] ?? null;

        return max(0.0, min($points, $cap ?? INF));
    }

    /** @return Collection<string, MarkOverride> those in force, by criterion */
    public function overridden(Attempt $attempt): Collection
    {
        return $attempt->overrides->keyBy('criterion')->filter(static fn (MarkOverride $one): bool => $one->points !== null);
    }

    /** @return array<string, mixed> as computed; of an attempt that is marked */
    private function sheet(Attempt $attempt): array
    {
        return $attempt->markSheet->sheet ?? throw new LogicException('nothing is decided before it is marked');
    }
}
