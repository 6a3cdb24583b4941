<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use App\Models\Role;
use Illuminate\Support\Carbon;

/** Whether the reports of a published case are open to its apprentices, and since when. */
final readonly class Releases
{
    public function isOpen(CaseVersion $version): bool
    {
        return $version->release()->kind === ReleaseKind::AtOnce || $this->openSince($version)?->isPast() === true;
    }

    /** Opens what has been closed so far, and whatever is closed later. */
    public function open(CaseDraft $draft): void
    {
        $draft->versions()->whereNull('released_at')->update(['released_at' => now()]);
    }

    /** Whether whoever worked this job had been shown the cause of an earlier publication before. */
    public function isSecondTry(Attempt $attempt): bool
    {
        /** @var \Illuminate\Database\Eloquent\Collection<int, Attempt> $earlier */
        $earlier = Attempt::query()->with('version')->where('apprentice_id', $attempt->apprentice_id)->where('id', '<', $attempt->id)->whereNotNull('concluded_at')
            ->whereIn('case_version_id', CaseVersion::query()->where('case_draft_id', $attempt->version->case_draft_id)->select('id'))->get();

        return $earlier->contains(fn (Attempt $one): bool => $this->shownSince($one)?->lessThanOrEqualTo($attempt->started_at) === true);
    }

    private function shownSince(Attempt $attempt): ?Carbon
    {
        $since = $attempt->version->release()->kind === ReleaseKind::AtOnce ? $attempt->concluded_at : $this->openSince($attempt->version);

        return $since === null || $attempt->concluded_at === null ? null : $since->max($attempt->concluded_at);
    }

    private function openSince(CaseVersion $version): ?Carbon
    {
        $release = $version->release();
        $times = array_filter([$version->released_at, $release->at, $release->kind === ReleaseKind::WhenAllAreDone ? $this->allDoneSince($version) : null]);

        return $times === [] ? null : array_reduce($times, static fn (?Carbon $first, Carbon $one): Carbon => $first === null ? $one : $first->min($one));
    }

    /** Null while somebody who is in the group today has not closed it. */
    private function allDoneSince(CaseVersion $version): ?Carbon
    {
        $group = $version->loadMissing('group.people')->group->people->where('role', Role::Apprentice)->modelKeys();
        $closed = $version->attempts()->whereIn('apprentice_id', $group)->whereNotNull('concluded_at')->pluck('concluded_at');

        return $group !== [] && $closed->count() >= count($group) ? $closed->max() : null;
    }
}
