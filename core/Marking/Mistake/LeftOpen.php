<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\RepairReview;

/** A plug or the check connector was left open when the job was closed. */
final readonly class LeftOpen implements Mistake
{
    public function id(): string
    {
        return 'left-open';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        return $job->isConcluded() && ($job->car->state->places->openPlugs !== [] || $job->car->state->session->connectorOpen) ? count($job->steps) : null;
    }
}
