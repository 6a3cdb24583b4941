<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Documents\SilentFaults;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Finds out which faults a car does not show, once however many benches it stands on. */
final class FindSilentFaults implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way; a second one finds what the first found out. */
    public int $uniqueFor = 30;

    public function __construct(private readonly string $car)
    {
        $this->onQueue(QueueNames::BESIDE);
    }

    public function uniqueId(): string
    {
        return $this->car;
    }

    public function failed(): void
    {
        app(SilentFaults::class)->giveUp($this->car);
    }

    public function handle(SilentFaults $faults): void
    {
        $faults->findOut($this->car);
    }
}
