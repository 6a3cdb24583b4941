<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Repair\Repair;

/** How a repair stood to what was known when it was done. */
final readonly class RepairReview
{
    /** From this chance by all that was shown on, whoever repaired had found it out. */
    private const FOUND_OUT = 0.75;

    /**
     * @param  int  $step  at which it was done; for a job closed without a repair, the last
     * @param  ?Repair  $repair  null where the decision was that nothing is to be repaired
     * @param  bool  $isRight  it took away something that was wrong
     * @param  bool  $isHarmful  more was wrong afterwards than before
     * @param  bool  $isJustified  by what stood on the card
     * @param  float  $support  1 where it is, or would be if one kind of fault were three times more or less common; less, down to none, as far as a factor of nine
     * @param  bool  $lacksReading  the policy demands a reading that separates, and none was written
     */
    public function __construct(
        public int $step,
        public ?Repair $repair,
        public bool $isRight,
        public bool $isHarmful,
        public bool $isJustified,
        public float $support,
        public RepairProspects $prospects,
        public bool $lacksReading = false,
    ) {
    }

    /** "justified", "lucky", "unwritten", "close", "reasonable", "wrong" or "harmful". */
    public function verdict(): string
    {
        return match (true) {
            $this->isHarmful => 'harmful',
            $this->isRight && $this->isJustified => 'justified',
            $this->isJustified => 'reasonable',
            $this->support > 0.0 => 'close',
            $this->isUnwritten() => 'unwritten',
            $this->isRight => 'lucky',
            default => 'wrong',
        };
    }

    /** The same where a policy demands a reading that separates, and what was written separates so far. */
    public function resting(float $share): self
    {
        return $share >= 1.0 ? $this : new self(
            $this->step, $this->repair, $this->isRight, $this->isHarmful, false, min($share, $this->support), $this->prospects, lacksReading: $share <= 0.0,
        );
    }

    /** Whether it was found out by what was shown, and not written down: thorough work, and no guess. */
    public function isUnwritten(): bool
    {
        return $this->isRight && $this->prospects->byShown >= self::FOUND_OUT && $this->prospects->wereMoved();
    }

    /** Whether anything was found out for it: the card supports it, or what was shown has made it likelier. */
    public function isWorked(): bool
    {
        return $this->isJustified || $this->isSupported() || $this->prospects->wereMoved();
    }

    /** How much is to be said for the reasoning: all, nothing, or a part where it was close. */
    public function support(): float
    {
        return $this->isHarmful ? 0.0 : $this->support;
    }

    public function isSupported(): bool
    {
        return $this->support() > 0.0;
    }
}
