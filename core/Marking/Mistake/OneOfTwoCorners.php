<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\CodedAtFirst;
use Lernfall\Marking\RepairReview;

/** Two corners had a code, and only one of them was looked into. */
final readonly class OneOfTwoCorners implements Mistake
{
    public function id(): string
    {
        return 'one-of-two-corners';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        return $job->isConcluded() && (new CodedAtFirst($job))->unaccounted() !== [] ? count($job->steps) : null;
    }
}
