<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Marking\Decisions;
use Lernfall\Marking\RepairReview;
use Lernfall\Marking\School\CorrodedPlug;

/** Two repairs were made without a look at the codes between them: the cause stays unproven. */
final readonly class TwoAtOnce implements Mistake
{
    public function __construct(private CorrodedPlug $corrodedPlug = CorrodedPlug::Clean)
    {
    }

    public function id(): string
    {
        return 'two-at-once';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        $since = 0;
        $decisions = array_map(static fn (Step $step): int => $step->number, Decisions::in($job, $this->corrodedPlug));
        foreach ($job->steps as $step) {
            $since = CodesShown::at($step) === null ? $since : 0;
            if (in_array($step->number, $decisions, true) && ++$since > 1) {
                return $step->number;
            }
        }

        return null;
    }
}
