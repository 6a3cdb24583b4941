<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\Variants;
use App\Models\Assignment;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Draws and works the variants of an assignment before class, a few seconds at a time: others wait for the same worker. */
final class PrepareVariants implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way. */
    public int $uniqueFor = 60;

    public function __construct(private readonly int $assignment)
    {
        $this->onQueue(QueueNames::BESIDE);
    }

    public function uniqueId(): string
    {
        return (string) $this->assignment;
    }

    public function failed(): void
    {
        $assignment = Assignment::query()->find($this->assignment);
        $assignment === null || app(Variants::class)->giveUp($assignment);
    }

    public function handle(Variants $variants): void
    {
        $assignment = Assignment::query()->with('version')->find($this->assignment);
        if ($assignment === null || ! $variants->areAwaited($assignment)) {
            return;
        }
        $variants->prepare($assignment, config()->float('lernfall.seconds_at_a_time'));
        if ($variants->areAwaited($assignment)) {
            self::dispatch($this->assignment);
        }
    }
}
