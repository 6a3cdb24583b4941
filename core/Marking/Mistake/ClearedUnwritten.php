<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Marking\RepairReview;

/** Codes were cleared before they were written down. */
final readonly class ClearedUnwritten implements Mistake
{
    public function id(): string
    {
        return 'cleared-unwritten';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        $written = min([PHP_INT_MAX, ...array_map(static fn (Step $step): int => $step->number, $job->stepsOf(WriteCode::class))]);
        $shown = false;
        foreach ($job->steps as $step) {
            $shown = $shown || (CodesShown::at($step) ?? []) !== [];
            if ($shown && CodesShown::areCleared($step)) {
                return $step->number < $written ? $step->number : null;
            }
        }

        return null;
    }
}
