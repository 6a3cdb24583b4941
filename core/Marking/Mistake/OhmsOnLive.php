<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Marking\RepairReview;

/** An ohm reading of a live circuit was taken for a value. */
final readonly class OhmsOnLive implements Mistake
{
    public function id(): string
    {
        return 'ohms-on-live';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->entries(WriteReading::class) as $step) {
            if ($step->action instanceof WriteReading && $step->action->judgement !== Judgement::SaysNothing
                && in_array(Note::OhmsOnLiveCircuit, $job->step($step->action->of)->observation->notes ?? [], true)) {
                return $step->action->of;
            }
        }

        return null;
    }
}
