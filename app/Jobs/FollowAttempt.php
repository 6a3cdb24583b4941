<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\BeliefTracker;
use App\Models\Attempt;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Keeps what is still possible after the newest step; steps that come faster than that are followed together. */
final class FollowAttempt implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way. */
    public int $uniqueFor = 60;

    public function __construct(private readonly int $attempt)
    {
        $this->onQueue(QueueNames::FOLLOWING);
    }

    public function uniqueId(): string
    {
        return (string) $this->attempt;
    }

    /** Without a worker nothing is followed: an answer must not wait for it. */
    public static function beside(Attempt $attempt): void
    {
        if (config()->string('queue.default') !== 'sync') {
            self::dispatch($attempt->id);
        }
    }

    public function handle(BeliefTracker $tracker): void
    {
        $attempt = Attempt::query()->with(['version', 'actions'])->findOrFail($this->attempt);
        if ($attempt->concluded_at === null && ! $tracker->follow($attempt, config()->float('lernfall.seconds_at_a_time'))) {
            self::dispatch($this->attempt);
        }
    }
}
