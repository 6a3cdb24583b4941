<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Repair\Repair;

/** How a repair stood to what was known when it was done. */
final readonly class RepairReview
{
    /**
     * @param  int  $step  at which it was done; for a job closed without a repair, the last
     * @param  ?Repair  $repair  null where the decision was that nothing is to be repaired
     * @param  bool  $isRight  it took away something that was wrong
     * @param  bool  $isHarmful  more was wrong afterwards than before
     * @param  bool  $isJustified  by what stood on the card
     * @param  bool  $isClose  it is not, and would be if one kind of fault were somewhat more or less common
     * @param  bool  $lacksReading  the policy demands a reading that separates, and none was written
     */
    public function __construct(
        public int $step,
        public ?Repair $repair,
        public bool $isRight,
        public bool $isHarmful,
        public bool $isJustified,
        public bool $isClose,
        public RepairProspects $prospects,
        public bool $lacksReading = false,
    ) {
    }

    /** "justified", "lucky", "close", "reasonable", "wrong" or "harmful". */
    public function verdict(): string
    {
        return match (true) {
            $this->isHarmful => 'harmful',
            $this->isRight && $this->isJustified => 'justified',
            $this->isJustified => 'reasonable',
            $this->isClose => 'close',
            $this->isRight => 'lucky',
            default => 'wrong',
        };
    }

    /** The same where a policy demands a reading that separates, and none was written. */
    public function unsupported(): self
    {
        return new self($this->step, $this->repair, $this->isRight, $this->isHarmful, false, false, $this->prospects, lacksReading: true);
    }

    /** Whether nothing is to be said against the reasoning: a close call counts for whoever made it. */
    public function isSupported(): bool
    {
        return ! $this->isHarmful && ($this->isJustified || $this->isClose);
    }
}
