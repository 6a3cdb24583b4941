<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Attempt;
use App\Models\SignIn;
use Illuminate\Database\Eloquent\Builder;

/** What is done in practice is kept for a school year, what was marked as long as the school sets, sign-ins for a month. */
final readonly class Retention
{
    public function __construct(private Deletion $deletion)
    {
    }

    private const SIGN_IN_DAYS = 30;

    /** @return int how many jobs were forgotten */
    public function forget(): int
    {
        SignIn::query()->where('began_at', '<', now()->subDays(self::SIGN_IN_DAYS))->delete();

        return $this->older(config()->integer('lernfall.kept_days.practice'), isPractice: true) + $this->older(config()->integer('lernfall.kept_days.marked'), isPractice: false);
    }

    /** @param  int  $days  0: for ever */
    private function older(int $days, bool $isPractice): int
    {
        return $days === 0 ? 0 : $this->deletion->attempts(Attempt::query()->where('started_at', '<', now()->subDays($days))
            ->whereHas('version', static fn (Builder $version): Builder => $version->whereRaw('coalesce(json_extract(document, \'$.practice\'), 0) = ?', [$isPractice ? 1 : 0])));
    }
}
