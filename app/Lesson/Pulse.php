<?php

declare(strict_types=1);

namespace App\Lesson;

use App\Models\Outage;
use Illuminate\Support\Carbon;

/** By the age of a file it is known when this machine was last at work; who starts after a while notes that it was away. */
final readonly class Pulse
{
    /** As often as that it is written. */
    private const SECONDS = 5;

    public function __construct(private string $file)
    {
    }

    public function beat(): void
    {
        if ($this->age() >= self::SECONDS) {
            @touch($this->file);
            clearstatcache(true, $this->file);
        }
    }

    /** Called by whoever starts; before anybody else is at work the file is as old as the outage. */
    public function noteOutage(): void
    {
        $seconds = is_file($this->file) ? $this->age() : 0;
        if ($seconds >= config()->integer('lernfall.outage_seconds')) {
            Outage::query()->create(['began_at' => Carbon::now()->subSeconds($seconds), 'ended_at' => Carbon::now()]);
        }
        $this->beat();
    }

    private function age(): int
    {
        clearstatcache(true, $this->file);

        return is_file($this->file) ? max(0, Carbon::now()->getTimestamp() - (int) filemtime($this->file)) : PHP_INT_MAX;
    }
}
