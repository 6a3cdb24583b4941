<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Marking\Entry;
use Lernfall\Marking\RepairReview;

/** A value was written down wrong by a power of ten. */
final readonly class UnitMisread implements Mistake
{
    public function id(): string
    {
        return 'unit-misread';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->entries(WriteReading::class) as $step) {
            if (Entry::of($job, $step)->isSlip()) {
                return $step->number;
            }
        }

        return null;
    }
}
