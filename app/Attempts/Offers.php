<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/**
 * Which assignments an apprentice has: what was begun, and the newest of each case that was given to them or to one of their groups.
 * Whoever is at work on a case keeps to that.
 */
final readonly class Offers
{
    /** @return Collection<int, Assignment> the oldest first */
    public function to(User $apprentice): Collection
    {
        $begun = Assignment::query()->with('version')->whereHas('attempts', static fn ($one) => Attempt::of($one, $apprentice))->orderBy('id')->get();

        return $begun->concat($this->open($apprentice))->unique('id')->sortBy('id')->values();
    }

    /** Whether it can be begun, for the first time or again. */
    public function canBegin(Assignment $assignment, User $apprentice): bool
    {
        return $this->open($apprentice)->contains('id', $assignment->id);
    }

    /** @return Collection<int, Assignment> to be begun, for the first time or again */
    public function open(User $apprentice): Collection
    {
        $jobs = Attempt::query()->with(['version:id,case_draft_id', 'assignment'])->tap(static fn ($all) => Attempt::of($all, $apprentice))->get();
        $underWay = $jobs->filter(static fn (Attempt $one): bool => $one->concluded_at === null && $one->assignment?->annulled_at === null)->map(static fn (Attempt $one): int => $one->version->case_draft_id)->all();
        $begun = $jobs->where('apprentice_id', $apprentice->id)->countBy('assignment_id');

        return Assignment::query()->tap(static fn ($all) => Assignment::to($all, $apprentice))->with('version')->orderBy('given_at')->orderBy('id')->get()
            ->filter(static fn (Assignment $one): bool => $one->hasStarted())
            ->keyBy(static fn (Assignment $one): int => $one->version->case_draft_id)
            ->filter(static fn (Assignment $one, int $draft): bool => ! in_array($draft, $underWay, true) && $one->withdrawn_at === null && ! $one->hasEnded()
                && ($one->tries === null || ($begun[$one->id] ?? 0) < $one->tries))->values();
    }
}
