<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\LogEntry;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Notes what happens in the house. Addresses, and what only the administrator reads, are kept for thirty days. */
final readonly class HouseLog
{
    private const DAYS = 30;

    /** As many entries as anybody reads. */
    private const SHOWN = 200;

    /** The same refusal to the same person is noted once in this time. */
    private const REFUSAL_SECONDS = 60;

    public function __construct(private Request $request)
    {
    }

    /** What is noted must not hinder what is done: where it cannot be written it is left out. */
    public function note(LogKind $kind, ?User $user, string $about = '', string $typed = ''): void
    {
        try {
            $this->forget();
            LogEntry::query()->create([
                'at' => now(), 'kind' => $kind, 'user_id' => $user?->id, 'who' => $user->name ?? mb_substr($typed, 0, 80),
                'about' => mb_substr($about, 0, 200), 'address' => $this->request->ip(),
            ]);
        } catch (QueryException $error) {
            report($error);
        }
    }

    public function refused(User $user, string $about): void
    {
        $since = now()->subSeconds(self::REFUSAL_SECONDS);
        if (! LogEntry::query()->where(['kind' => LogKind::Refused, 'who' => $user->name, 'about' => $about])->where('at', '>', $since)->exists()) {
            $this->note(LogKind::Refused, $user, $about);
        }
    }

    /** @return Collection<int, LogEntry> the newest first: all for the administrator, those of the class for an instructor */
    public function readBy(User $user): Collection
    {
        $entries = LogEntry::query()->orderByDesc('id')->limit(self::SHOWN);
        if (! $user->isAdministrator()) {
            $ofMine = DB::table('memberships')->whereIn('group_id', $user->groupIds())->select('user_id');
            $entries->whereIn('kind', LogKind::ofTheClass())->where(static fn (Builder $one): Builder => $one->whereIn('user_id', $ofMine)->orWhereIn('group_id', $user->groupIds()));
        }

        return $entries->get();
    }

    private function forget(): void
    {
        $old = now()->subDays(self::DAYS);
        LogEntry::query()->where('at', '<', $old)->whereNotIn('kind', LogKind::ofTheClass())->delete();
        LogEntry::query()->where('at', '<', $old)->whereNotNull('address')->update(['address' => null]);
    }
}
