<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Marking\Entry;
use Lernfall\Marking\RepairReview;

/** A value was written down that the display never showed. */
final readonly class DiffersFromDisplay implements Mistake
{
    public function id(): string
    {
        return 'differs-from-display';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->entries(WriteReading::class) as $step) {
            $entry = Entry::of($job, $step);
            if (! $entry->isAsShown() && ! $entry->isSlip()) {
                return $step->number;
            }
        }

        return null;
    }
}
