<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseVersion;
use Illuminate\Support\Carbon;

/** Whether the reports of an assignment are open to its apprentices, and since when. */
final readonly class Releases
{
    public function isOpen(?Assignment $assignment): bool
    {
        return $assignment === null || $assignment->release()->kind === ReleaseKind::AtOnce || $this->openSince($assignment)?->isPast() === true;
    }

    /** Whether whoever worked this job had been shown the same cause before, in an earlier one of the same case. */
    public function isSecondTry(Attempt $attempt): bool
    {
        /** @var \Illuminate\Database\Eloquent\Collection<int, Attempt> $earlier */
        $earlier = Attempt::query()->with(['assignment', 'version'])->tap(static fn ($all) => Attempt::of($all, $attempt->apprentice))->where('id', '<', $attempt->id)->whereNotNull('concluded_at')
            ->whereIn('case_version_id', CaseVersion::query()->where('case_draft_id', $attempt->version->case_draft_id)->select('id'))->get();

        $faults = $attempt->version->decoded()['faults'] ?? null;

        return $earlier->contains(fn (Attempt $one): bool => ($one->version->decoded()['faults'] ?? null) === $faults && $this->shownSince($one)?->lessThanOrEqualTo($attempt->started_at) === true);
    }

    private function shownSince(Attempt $attempt): ?Carbon
    {
        $assignment = $attempt->assignment;
        $since = $assignment === null || $assignment->release()->kind === ReleaseKind::AtOnce ? $attempt->concluded_at : $this->openSince($assignment);

        return $since === null || $attempt->concluded_at === null ? null : $since->max($attempt->concluded_at);
    }

    private function openSince(Assignment $assignment): ?Carbon
    {
        $release = $assignment->release();
        $times = array_filter([$assignment->released_at, $release->at, $release->kind === ReleaseKind::WhenAllAreDone ? $this->allDoneSince($assignment) : null]);

        return $times === [] ? null : array_reduce($times, static fn (?Carbon $first, Carbon $one): Carbon => $first === null ? $one : $first->min($one));
    }

    /** Null while somebody who has it today, and is neither away nor excused, has not closed it. */
    private function allDoneSince(Assignment $assignment): ?Carbon
    {
        $present = $assignment->recipients()->whereNotIn('id', $assignment->absences()->pluck('user_id'))->pluck('id')->all();
        $closed = $assignment->attempts()->whereIn('apprentice_id', $present)->whereNotNull('concluded_at')->oldest('concluded_at')->get()->unique('apprentice_id');

        return $present !== [] && $closed->count() >= count($present) ? $closed->max('concluded_at') : null;
    }
}
