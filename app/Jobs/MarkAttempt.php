<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\AwaitedMarks;
use App\Attempts\BeliefTracker;
use App\Attempts\Marks;
use App\Attempts\SensiblePath;
use App\Models\Attempt;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out what the report of a closed job shows. It goes before whatever else waits for the worker, and long ones let others pass. */
final class MarkAttempt implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way. */
    public int $uniqueFor = 30;

    public function __construct(private readonly int $attempt)
    {
        $this->onQueue(QueueNames::MARKS);
    }

    public function uniqueId(): string
    {
        return (string) $this->attempt;
    }

    public function handle(Marks $marks, AwaitedMarks $awaited, SensiblePath $path, BeliefTracker $tracker): void
    {
        $attempt = Attempt::query()->with(['version', 'actions', 'markSheet'])->findOrFail($this->attempt);
        if ($attempt->markSheet !== null || ! $awaited->claim($attempt)) {
            return;
        }
        if (! $tracker->follow($attempt, config()->float('lernfall.seconds_at_a_time'))) {
            self::dispatch($this->attempt); // a long job that was not followed on the way waits again behind those asked for since

            return;
        }
        $marks->workOut($attempt);
        $tracker->forget($attempt);
        $path->soon($attempt->version);
    }

    public function failed(): void
    {
        app(AwaitedMarks::class)->failed($this->attempt);
    }
}
