<?php

declare(strict_types=1);

namespace App\Lesson;

use App\Attempts\Beginnings;
use App\Attempts\BeliefTracker;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\Concession;
use App\Models\Marking;
use App\Models\MarkSheetRecord;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** What an instructor gives one job beside its terms, with a reason that stays: time, another go at the card, another car. */
final readonly class Concessions
{
    public function __construct(private TimeOver $over, private Beginnings $beginnings, private BeliefTracker $tracker)
    {
    }

    public function time(Attempt $attempt, int $minutes, string $reason, User $by): void
    {
        $this->note($attempt, Concession::TIME, $reason, $by, $minutes * 60);
    }

    /** As if it had not been closed: its last step goes, and with it the marks there are; both are worked out anew when it is closed again. */
    public function reopen(Attempt $attempt, int $minutes, string $reason, User $by): void
    {
        DB::transaction(function () use ($attempt, $minutes, $reason, $by): void {
            AttemptAction::query()->where('attempt_id', $attempt->id)->where('number', $attempt->actions->count())->delete();
            MarkSheetRecord::query()->where('attempt_id', $attempt->id)->delete();
            Marking::query()->where('attempt_id', $attempt->id)->delete();
            $attempt->update(['concluded_at' => null, 'closed_by' => null, 'confirmed_at' => null, 'confirmed_by' => null]);
            $this->note($attempt, Concession::REOPENED, $reason, $by, $minutes * 60);
        });
        $this->tracker->forget($attempt);
        $this->over->soon($attempt->unsetRelation('actions')->unsetRelation('markSheet'));
    }

    /** The job there is stays as it stands and is set aside; the new one counts. */
    public function freshCar(Attempt $attempt, string $reason, User $by): Attempt
    {
        if ($attempt->concluded_at === null) {
            $this->over->close($attempt, 'instructor', now());
        }
        $assignment = $attempt->assignment;
        assert($assignment instanceof Assignment);
        $fresh = $this->beginnings->begin($assignment, $attempt->apprentice, 1 + (int) $assignment->attempts()->where('apprentice_id', $attempt->apprentice_id)->max('number'));
        $this->note($fresh, Concession::FRESH_CAR, $reason, $by);

        return $fresh;
    }

    /** Everybody who is at work pauses, or goes on with the minutes of the pause given back. */
    public function pause(Assignment $assignment, bool $isPaused, User $by): void
    {
        if ($isPaused === ($assignment->paused_at !== null)) {
            return;
        }
        DB::transaction(function () use ($assignment, $isPaused, $by): void {
            foreach ($isPaused ? [] : $assignment->attempts()->whereNull('concluded_at')->get() as $attempt) {
                $this->note($attempt, Concession::PAUSE, '', $by, WorkingTime::secondsOfPause($attempt, $assignment));
            }
            $assignment->update(['paused_at' => $isPaused ? now() : null]);
        });
    }

    private function note(Attempt $attempt, string $kind, string $reason, User $by, int $seconds = 0): void
    {
        Concession::query()->create(['attempt_id' => $attempt->id, 'kind' => $kind, 'seconds' => $seconds, 'reason' => $reason, 'given_by' => $by->id, 'given_at' => now()]);
    }
}
