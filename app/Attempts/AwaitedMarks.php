<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Jobs\MarkAttempt;
use App\Models\Attempt;
use App\Models\Marking;
use App\Models\MarkSheetRecord;
use App\Work\Workers;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Marks that were asked for. One worker works on a job: it claims the row, and a claim is void once whoever holds it is gone.
 * No page computes marks itself or waits for them.
 */
final readonly class AwaitedMarks
{
    private const TRIED_AGAIN_AFTER_MINUTES = 10;

    public function __construct(private Workers $workers)
    {
    }

    /** Asked for once, however many ask. */
    public function ask(Attempt $attempt): void
    {
        Marking::query()->firstOrCreate(['attempt_id' => $attempt->id], ['asked_at' => now()]);
        DB::afterCommit(static fn () => MarkAttempt::dispatch($attempt->id));
    }

    /** A worker that starts takes up what was asked for and lost on the way. */
    public function askAgain(): void
    {
        foreach ($this->unmarked()->pluck('attempt_id') as $attempt) {
            MarkAttempt::dispatch($attempt);
        }
    }

    /** Whether the caller is the one who works on it. */
    public function claim(Attempt $attempt): bool
    {
        $row = Marking::query()->firstOrCreate(['attempt_id' => $attempt->id], ['asked_at' => now()]);
        if ($row->claimed_by !== null && $this->workers->isAtWork($row->claimed_by) && $row->claimed_by !== $this->workers->name()) {
            return false;
        }

        return Marking::query()->whereKey($row->id)->where('claimed_by', $row->claimed_by)
            ->update(['claimed_at' => now(), 'claimed_by' => $this->workers->name(), 'failed_at' => null]) === 1;
    }

    public function failed(int $attempt): void
    {
        Marking::query()->where('attempt_id', $attempt)->update(['failed_at' => now(), 'claimed_by' => null]);
    }

    /** What a page says of it; what was lost on the way, or asked for before this was kept, is asked for again. */
    public function state(Attempt $attempt): MarkingState
    {
        if ($attempt->markSheet !== null) {
            return MarkingState::Marked;
        }
        $row = Marking::query()->where('attempt_id', $attempt->id)->first();
        if ($row?->failed_at !== null && $row->failed_at->isAfter(now()->subMinutes(self::TRIED_AGAIN_AFTER_MINUTES))) {
            return MarkingState::Failed;
        }
        if ($row?->claimed_by !== null && $this->workers->isAtWork($row->claimed_by)) {
            return MarkingState::UnderWay;
        }
        $this->ask($attempt);

        return MarkingState::Waiting;
    }

    /** How many other jobs were asked for before. */
    public function before(Attempt $attempt): int
    {
        $asked = Marking::query()->where('attempt_id', $attempt->id)->value('id');

        return $asked === null ? 0 : $this->unmarked()->where('id', '<', $asked)->count();
    }

    /** @return Builder<Marking> */
    private function unmarked(): Builder
    {
        return Marking::query()->whereNull('failed_at')->whereNotIn('attempt_id', MarkSheetRecord::query()->select('attempt_id'));
    }

    public function hasWorker(): bool
    {
        return config()->string('queue.default') === 'sync' || $this->workers->areThere();
    }
}
