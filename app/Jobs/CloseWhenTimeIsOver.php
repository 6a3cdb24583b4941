<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Lesson\TimeOver;
use App\Models\Attempt;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Closes a job whose time is over; waits again where it was given more. */
final class CloseWhenTimeIsOver implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly int $attempt)
    {
        $this->onQueue(QueueNames::FOLLOWING);
    }

    public function handle(TimeOver $over): void
    {
        $attempt = Attempt::query()->with(['version', 'actions', 'assignment'])->find($this->attempt);
        if ($attempt !== null && $over->closed($attempt)->concluded_at === null) {
            $over->soon($attempt);
        }
    }
}
