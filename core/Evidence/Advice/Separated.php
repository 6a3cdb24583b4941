<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/** What readings have separated. */
final readonly class Separated
{
    /**
     * @param  list<int>  $steps  that showed what has made the rivals clearly less likely
     * @param  float  $share  how clearly they are unlikely in the end: 1 where they are, less where only other priors would make them so
     * @param  array<int, float>  $moves  by how much each step has changed the chance of all that the repair would leave
     * @param  float  $rivals  that chance in the end
     */
    public function __construct(public array $steps, public float $share, public array $moves, public float $rivals)
    {
    }

    /** The same where the codes alone leave nothing else likely, and no test would tell more. */
    public function byCodes(): self
    {
        return new self([], 1.0, $this->moves, $this->rivals);
    }
}
