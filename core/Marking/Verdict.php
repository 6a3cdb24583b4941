<?php

declare(strict_types=1);

namespace Lernfall\Marking;

/** What a criterion finds: how much of it is fulfilled, where that shows, and why. */
final readonly class Verdict
{
    private const WITHOUT_DIAGNOSIS = 0.5;

    /**
     * @param  float  $share  0 to 1
     * @param  ?int  $step  the step it rests on
     * @param  string  $reason  message key
     * @param  array<string, string|int|float>  $parameters  of the message
     * @param  string  $remedy  message key of what would have earned the points, or "" where none are missing
     */
    public function __construct(
        public float $share,
        public ?int $step,
        public string $reason,
        public array $parameters = [],
        public string $remedy = '',
    ) {
    }

    /** The same where nothing was found out: what goes with a diagnosis is worth half without one. */
    public function withoutDiagnosis(): self
    {
        return $this->share <= 0.0 ? $this : new self(self::WITHOUT_DIAGNOSIS * $this->share, $this->step, $this->reason, $this->parameters, $this->remedy === '' ? 'mark.without-diagnosis' : $this->remedy);
    }
}
