<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\BenchSheet;
use App\Models\CaseDraft;
use App\Models\User;

/** Keeps what lies on a bench until it is kept as a case or thrown away: it outlives leaving, signing out and a server that went down. */
final readonly class BenchSheets
{
    public function of(User $user, ?CaseDraft $case): ?BenchSheet
    {
        return BenchSheet::query()->where('user_id', $user->id)->where('case_draft_id', $case?->id)->first();
    }

    /** @param  array<string, mixed>  $fields */
    public function lay(User $user, ?CaseDraft $case, array $fields): BenchSheet
    {
        return BenchSheet::query()->updateOrCreate(['user_id' => $user->id, 'case_draft_id' => $case?->id], ['fields' => $fields, 'laid_at' => now()]);
    }

    public function clear(User $user, ?CaseDraft $case): void
    {
        BenchSheet::query()->where('user_id', $user->id)->where('case_draft_id', $case?->id)->delete();
    }
}
