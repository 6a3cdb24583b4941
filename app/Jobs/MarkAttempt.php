<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\BeliefTracker;
use App\Attempts\Marks;
use App\Attempts\SensiblePath;
use App\Models\Attempt;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Computes what the report of a closed job shows before somebody opens it. */
final class MarkAttempt implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly int $attempt)
    {
    }

    public function handle(Marks $marks, SensiblePath $path, BeliefTracker $tracker): void
    {
        $attempt = Attempt::query()->with(['version', 'actions'])->findOrFail($this->attempt);
        $marks->of($attempt);
        $tracker->forget($attempt);
        $path->soon($attempt->version);
    }
}
