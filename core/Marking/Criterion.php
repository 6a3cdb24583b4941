<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job\Job;

/** One thing that is marked. */
interface Criterion
{
    /** Permanent id, the name of its weight in a policy. */
    public function id(): string;

    public function judge(Job $job): Verdict;
}
