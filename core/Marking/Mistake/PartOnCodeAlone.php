<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Marking\RepairReview;

/** A part was renewed on the code alone: nothing had been measured and written down. */
final readonly class PartOnCodeAlone implements Mistake
{
    public function id(): string
    {
        return 'part-on-code';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        $written = array_map(static fn (Step $step): int => $step->number, $job->stepsOf(WriteReading::class));
        $first = min([PHP_INT_MAX, ...$written]);
        foreach ($reviews as $review) {
            if ($review->repair !== null && ! $review->isSupported() && $review->step < $first) {
                return $review->step;
            }
        }

        return null;
    }
}
