<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\RepairReview;

/** Something was repaired on a car that had nothing wrong. */
final readonly class NormalRepaired implements Mistake
{
    public function id(): string
    {
        return 'normal-repaired';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->case->needsNoRepair() ? $reviews : [] as $review) {
            if ($review->repair !== null) {
                return $review->step;
            }
        }

        return null;
    }
}
