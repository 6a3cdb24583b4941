<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** What the module keeps of one of its tests. */
final readonly class StoredTest
{
    /**
     * @param  int  $failedCycles  in how many operation cycles it has failed
     * @param  ?FreezeFrame  $frame  of the first failure; null where it never failed
     */
    public function __construct(public StatusByte $status, public int $failedCycles = 0, public ?FreezeFrame $frame = null)
    {
    }

    /** @param  int  $confirmedBy  failing cycles it takes until the failure is kept */
    public function failed(FreezeFrame $frame, int $confirmedBy): self
    {
        $cycles = $this->failedCycles + ($this->status->hasFailedThisCycle() ? 0 : 1);

        return new self($this->status->failed($cycles >= $confirmedBy), $cycles, $this->frame ?? $frame);
    }

    public function passed(bool $lampGoesOut): self
    {
        return new self($this->status->passed($lampGoesOut), $this->failedCycles, $this->frame);
    }

    /** What was pending and did not come back is forgotten. */
    public function inNewCycle(): self
    {
        $status = $this->status->inNewCycle();

        return $status->wording() === null ? new self($status) : new self($status, $this->failedCycles, $this->frame);
    }

    public function withoutLamp(): self
    {
        return new self($this->status->withoutLamp(), $this->failedCycles, $this->frame);
    }
}
