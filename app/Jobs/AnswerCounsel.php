<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\Counselling;
use App\Models\Counsel;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out what an apprentice who practises has asked, once however often it is come back for. */
final class AnswerCounsel implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way. */
    public int $uniqueFor = 30;

    public function __construct(private readonly int $counsel)
    {
        $this->onQueue(QueueNames::COUNSEL);
    }

    public function uniqueId(): string
    {
        return (string) $this->counsel;
    }

    public function handle(Counselling $counselling): void
    {
        $counselling->work(Counsel::query()->with(['attempt' => ['version']])->findOrFail($this->counsel));
    }

    public function failed(): void
    {
        Counsel::query()->whereKey($this->counsel)->update(['failed_at' => now()]);
    }
}
