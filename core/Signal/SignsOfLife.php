<?php

declare(strict_types=1);

namespace Lernfall\Signal;

/** Pulses that a sensor sends again and again after the last tooth it has felt, until the next one comes. */
final readonly class SignsOfLife
{
    /** Two times as close as this, relatively, are one. */
    private const SAME = 1e-9;

    /**
     * @param  float  $seconds  the length of one
     * @param  float  $everySeconds  after the tooth, and after each other
     */
    public function __construct(public float $seconds, public float $everySeconds)
    {
    }

    /** Whether one is being sent so long after the last tooth. */
    public function isSentAfter(float $seconds): bool
    {
        return $seconds >= $this->everySeconds && fmod($seconds, $this->everySeconds) < $this->seconds;
    }

    /** How many are sent from one tooth to the next. */
    public function between(float $seconds): int
    {
        return max(0, (int) ceil($seconds / $this->everySeconds - self::SAME) - 1);
    }
}
