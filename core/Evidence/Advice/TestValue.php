<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/** What a trial is worth: how much it is expected to tell about the remedy, and what repairing afterwards is expected to cost. */
final readonly class TestValue
{
    /** A test that tells less than this tells nothing. */
    private const LEAST_BITS = 0.02;

    /**
     * @param  float  $bits  expected information about the remedy
     * @param  float  $costAfter  expected cost of it all, this trial included, in money
     */
    public function __construct(public Trial $trial, public float $bits, public float $costAfter)
    {
    }

    public function tells(): bool
    {
        return $this->bits >= self::LEAST_BITS;
    }

    /** The same where everything costs so much more, in money. */
    public function dearer(float $by): self
    {
        return new self($this->trial, $this->bits, $this->costAfter + $by);
    }

    public function bitsPerMinute(): float
    {
        return $this->bits / max(0.1, $this->trial->minutes);
    }
}
