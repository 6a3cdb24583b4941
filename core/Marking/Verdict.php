<?php

declare(strict_types=1);

namespace Lernfall\Marking;

/** What a criterion finds: how much of it is fulfilled, where that shows, and why. */
final readonly class Verdict
{
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
}
