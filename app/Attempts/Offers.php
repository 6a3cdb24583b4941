<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\CaseVersion;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/**
 * Which published cases an apprentice has: what was begun, and the newest of each case that the own groups were given. Whoever is at
 * work on an older one keeps that; whoever has closed it finds the newer one as another job.
 */
final readonly class Offers
{
    /** @return Collection<int, CaseVersion> the oldest first */
    public function to(User $apprentice): Collection
    {
        $begun = CaseVersion::query()->whereHas('attempts', static fn ($one) => $one->where('apprentice_id', $apprentice->id))->orderBy('id')->get();

        return $begun->concat($this->new($apprentice))->unique('id')->sortBy('id')->values();
    }

    public function includes(CaseVersion $version, User $apprentice): bool
    {
        return $this->to($apprentice)->contains('id', $version->id);
    }

    /** @return Collection<int, CaseVersion> to be begun */
    private function new(User $apprentice): Collection
    {
        $underWay = Attempt::query()->where('apprentice_id', $apprentice->id)->whereNull('concluded_at')
            ->join('case_versions', 'case_versions.id', '=', 'attempts.case_version_id')->pluck('case_draft_id')->all();

        return CaseVersion::query()->whereIn('group_id', $apprentice->groupIds())->orderBy('number')->get()
            ->keyBy('case_draft_id')->whereNotIn('case_draft_id', $underWay)->whereNull('withdrawn_at')->values();
    }
}
