<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodedCorners;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Marking\RepairReview;

/** A corner without a code was repaired in vain while another had one. */
final readonly class WrongCorner implements Mistake
{
    public function id(): string
    {
        return 'wrong-corner';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($reviews as $review) {
            $coded = $this->coded($job, $review->step);
            if ($review->repair !== null && ! $review->isRight && $coded !== []
                && $job->case->sound->hasChannel($review->repair->channel) && ! in_array($review->repair->channel, $coded, true)) {
                return $review->step;
            }
        }

        return null;
    }

    /** @return list<string> corners that the codes read last before a step name */
    private function coded(Job $job, int $before): array
    {
        $codes = [];
        foreach ($job->steps as $step) {
            $codes = $step->number < $before ? CodesShown::at($step) ?? $codes : $codes;
        }

        return CodedCorners::named(array_keys($codes), $job->case->sound);
    }
}
