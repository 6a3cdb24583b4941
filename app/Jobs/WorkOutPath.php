<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Attempts\SensiblePath;
use App\Models\CaseVersion;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out the sensible path of a case for its reports, once however many are open. */
final class WorkOutPath implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way. */
    public int $uniqueFor = 600;

    public function __construct(private readonly int $version)
    {
        $this->onQueue(QueueNames::BESIDE);
    }

    public function uniqueId(): string
    {
        return (string) $this->version;
    }

    public function handle(SensiblePath $path): void
    {
        $path->workOut(CaseVersion::query()->findOrFail($this->version));
    }
}
