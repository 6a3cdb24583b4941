<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\AttemptAction;

/** How much one job may hold: steps, and bytes of what they showed. Closing always finds room. */
final readonly class Room
{
    private const ALWAYS = 'conclude';

    private function __construct(private int $steps, private int $bytes)
    {
    }

    public static function of(Attempt $attempt): self
    {
        return new self(
            $attempt->actions->count(),
            (int) $attempt->actions->sum(static fn (AttemptAction $one): int => strlen($one->stored('observation')) + strlen($one->stored('action'))),
        );
    }

    public function takes(string $action): bool
    {
        return $action === self::ALWAYS || $this->share() < 1.0;
    }

    /** @return ?int percent of the room that are left; null while there is plenty */
    public function percentLeft(): ?int
    {
        return $this->share() < config()->float('lernfall.room.told_from') ? null : (int) floor(100.0 * max(0.0, 1.0 - $this->share()));
    }

    private function share(): float
    {
        return max($this->steps / config()->integer('lernfall.room.steps'), $this->bytes / config()->integer('lernfall.room.bytes'));
    }
}
