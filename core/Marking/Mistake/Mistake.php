<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\RepairReview;

/** A known wrong way, recognised by name. */
interface Mistake
{
    /** Permanent id. */
    public function id(): string;

    /**
     * The step at which it shows first; null where it was not made.
     *
     * @param  list<RepairReview>  $reviews
     */
    public function step(Job $job, array $reviews): ?int;
}
