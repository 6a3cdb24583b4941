<?php

declare(strict_types=1);

namespace App\Lesson;

use App\Attempts\ActionLog;
use App\Attempts\AdmittedAction;
use App\Attempts\JobFold;
use App\Attempts\ReusedKey;
use App\Attempts\StaleNumber;
use App\Jobs\CloseWhenTimeIsOver;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Lernfall\Bay\Worksheet\Conclude;

/** Closes what was not closed in its time: it is handed in as it stands, and marked so. */
final readonly class TimeOver
{
    private const AGAIN_AFTER_SECONDS = 10;

    public function __construct(private ActionLog $log, private JobFold $fold)
    {
    }

    /** As it stands now: closed, where its time is over. */
    public function closed(Attempt $attempt): Attempt
    {
        $time = $attempt->concluded_at === null && $attempt->assignment?->minutes_allowed !== null ? WorkingTime::of($attempt) : null;
        if ($time?->isOver() === true) {
            $this->close($attempt, 'time', $time->cardUntil ?? now());
        }

        return $attempt;
    }

    /** @param  string  $by  "time", or the instructor who sets it aside */
    public function close(Attempt $attempt, string $by, Carbon $at): void
    {
        $attempt->loadMissing(['actions', 'version', 'assignment']);
        try {
            $this->log->do(new AdmittedAction($attempt, $this->fold->now($attempt), new Conclude, (string) Str::uuid(), ['do' => 'conclude'], $at));
        } catch (StaleNumber|ReusedKey) { // somebody was quicker
            $attempt->refresh();

            return;
        }
        $attempt->update(['closed_by' => $by, 'help_wanted_at' => null]);
    }

    /** What somebody cannot finish stays as it stands. */
    public function setAside(Assignment $assignment, User $apprentice): void
    {
        $assignment->attempts()->where('apprentice_id', $apprentice->id)->whereNull('concluded_at')->get()->each(fn (Attempt $one) => $this->close($one, 'instructor', Carbon::now()));
    }

    /** @param  Collection<int, Attempt>  $attempts */
    public function closeAll(Collection $attempts): void
    {
        $attempts->each($this->closed(...));
    }

    /** A worker looks at it when its time is over, whoever else does. */
    public function soon(Attempt $attempt): void
    {
        if (config()->string('queue.default') !== 'sync' && $attempt->assignment?->minutes_allowed !== null) {
            CloseWhenTimeIsOver::dispatch($attempt->id)->delay(now()->addSeconds(self::AGAIN_AFTER_SECONDS)->max(WorkingTime::of($attempt)->cardUntil?->addSecond()));
        }
    }
}
