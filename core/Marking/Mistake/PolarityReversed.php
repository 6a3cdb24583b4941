<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Marking\RepairReview;

/** An active sensor was fed the wrong way round and has died of it. */
final readonly class PolarityReversed implements Mistake
{
    public function id(): string
    {
        return 'polarity-reversed';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->steps as $step) {
            foreach ($step->action instanceof Repair || $step->action instanceof FitKnownGoodPart ? [] : $step->after->vehicle->channels as $index => $channel) {
                $before = $step->before->vehicle->channels[$index] ?? $channel;
                if ($channel->sensor != $before->sensor && $step->after->state->sensorOf($channel->id) === $step->before->state->sensorOf($channel->id)) {
                    return $step->number;
                }
            }
        }

        return null;
    }
}
