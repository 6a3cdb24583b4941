<?php

declare(strict_types=1);

namespace App\Lesson;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Outage;
use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\WorksheetEntry;

/**
 * Until when a job can be worked, and until when its card can be written: the minutes of its assignment, more for whoever is given
 * more, and what was given back. A pause and a time in which this machine did not answer count for nobody.
 */
final readonly class WorkingTime
{
    private function __construct(public ?Carbon $endsAt, public ?Carbon $cardUntil, public bool $isPaused)
    {
    }

    public static function of(Attempt $attempt): self
    {
        $assignment = $attempt->assignment;
        $isPaused = $assignment?->paused_at !== null && $attempt->concluded_at === null;
        if ($assignment?->minutes_allowed === null) {
            return new self(null, null, $isPaused);
        }
        $cardSeconds = config()->integer('lernfall.card_minutes') * 60;
        $endsAt = self::withOutages($attempt, $attempt->started_at->addSeconds(self::secondsAllowed($attempt, $assignment)), $cardSeconds);
        if ($isPaused) {
            $endsAt = $endsAt->addSeconds(self::secondsOfPause($attempt, $assignment));
        }

        return new self($endsAt, $endsAt->copy()->addSeconds($cardSeconds), $isPaused);
    }

    /** Of the pause that is under way, as far as this job was begun before it. */
    public static function secondsOfPause(Attempt $attempt, Assignment $assignment): int
    {
        $since = $assignment->paused_at?->max($attempt->started_at);

        return $since === null ? 0 : (int) $since->diffInSeconds(now());
    }

    /** @throws TimeIsUp|PausedJob where this cannot be done now */
    public function refuse(Action $next): void
    {
        if ($this->isPaused) {
            throw new PausedJob;
        }
        if ($this->isOver() || ($this->endsAt?->isPast() === true && ! $next instanceof WorksheetEntry)) {
            throw new TimeIsUp($this->isOver());
        }
    }

    /** Nothing can be done any more, not even written. */
    public function isOver(): bool
    {
        return ! $this->isPaused && $this->cardUntil?->isPast() === true;
    }

    private static function secondsAllowed(Attempt $attempt, Assignment $assignment): int
    {
        $percent = 100 + $attempt->loadMissing('apprentice')->apprentice->extra_time_percent;

        return intdiv((int) $assignment->minutes_allowed * 60 * $percent, 100) + (int) $attempt->concessions()->sum('seconds');
    }

    /** Each that began before the time was over moves its end; where they overlap, once. */
    private static function withOutages(Attempt $attempt, CarbonInterface $endsAt, int $cardSeconds): Carbon
    {
        $end = Carbon::instance($endsAt);
        $counted = Carbon::instance($attempt->started_at);
        foreach (Outage::query()->where('ended_at', '>', $attempt->started_at)->orderBy('began_at')->get() as $outage) {
            if ($outage->began_at->lessThan($end->copy()->addSeconds($cardSeconds)) && $outage->ended_at->greaterThan($counted)) {
                $end = $end->addSeconds((int) $outage->began_at->max($counted)->diffInSeconds($outage->ended_at));
                $counted = Carbon::instance($outage->ended_at);
            }
        }

        return $end;
    }
}
