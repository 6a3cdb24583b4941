<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Documents\SilentFaults;
use App\Work\QueueNames;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Finds out which faults a car does not show, once however many benches it stands on, and a few faults at a time: others wait for the same worker. */
final class FindSilentFaults implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    /** Seconds after which one that never came to be processed stands in nobody's way. */
    public int $uniqueFor = 60;

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
        if (! $faults->findOut($this->car, config()->float('lernfall.seconds_at_a_time'))) {
            self::dispatch($this->car);
        }
    }
}
