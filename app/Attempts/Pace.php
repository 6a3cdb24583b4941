<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\AttemptAction;
use Illuminate\Cache\RateLimiter;

/**
 * As many actions a minute as a person can do. Those that are stored are counted by themselves; those that are worked out after
 * their request are counted when they are taken.
 */
final readonly class Pace
{
    private const SECONDS = 60;

    public function __construct(private RateLimiter $limiter)
    {
    }

    /** @throws TooFast */
    public function check(Attempt $attempt): void
    {
        $most = self::most();
        $recent = $most === 0 ? null : $attempt->actions->get($attempt->actions->count() - $most);
        if ($recent instanceof AttemptAction && $recent->done_at->getTimestamp() > now()->getTimestamp() - self::SECONDS) {
            throw new TooFast($recent->done_at->getTimestamp() + self::SECONDS - now()->getTimestamp());
        }
    }

    /** @throws TooFast */
    public function take(Attempt $attempt): void
    {
        $key = "held actions of $attempt->id";
        if (self::most() > 0 && $this->limiter->tooManyAttempts($key, self::most())) {
            throw new TooFast($this->limiter->availableIn($key));
        }
        $this->limiter->hit($key, self::SECONDS);
    }

    private static function most(): int
    {
        return config()->integer('lernfall.actions_a_minute');
    }
}
