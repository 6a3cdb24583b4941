<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/** The best of the tests so far: for its time, and by what everything costs afterwards. One that could beat neither need not be played. */
final readonly class Lead
{
    /** Sums of chances are rounded; what is as good within this share may still lead. */
    private const ROUNDED = 1e-6;

    /**
     * @param  float  $rate  greatest, in bits per minute
     * @param  float  $cost  least, in money
     */
    public function __construct(private float $rate = 0.0, private float $cost = INF)
    {
    }

    /** Whatever costs less than this, however little it tells for its time. */
    public static function byCost(float $cost): self
    {
        return new self(INF, $cost);
    }

    /** @param  TestValue  $atBest  what a test would be worth if it told apart all that it could */
    public function canBeBeaten(TestValue $atBest): bool
    {
        return $atBest->tells() && ($atBest->bitsPerMinute() * (1.0 + self::ROUNDED) >= $this->rate || $atBest->costAfter * (1.0 - self::ROUNDED) <= $this->cost);
    }

    public function after(TestValue $found): self
    {
        return $found->tells() ? new self(max($this->rate, $found->bitsPerMinute()), min($this->cost, $found->costAfter)) : $this;
    }
}
