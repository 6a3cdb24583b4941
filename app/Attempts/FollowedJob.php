<?php

declare(strict_types=1);

namespace App\Attempts;

use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Marking\Judged;

/**
 * Where following a job stands: what is believed beside it, and what its marks will rest on.
 *
 * @phpstan-import-type KeptSet from HypothesisSet
 * @phpstan-import-type KeptJudged from Judged
 *
 * @phpstan-type KeptJob array{steps: int, belief: KeptSet, judged: KeptJudged}
 */
final readonly class FollowedJob
{
    /**
     * @param  int  $steps  of the job that were seen
     * @param  HypothesisSet  $belief  knows nothing of the fault
     * @param  Judged  $judged  has it among what could be
     */
    public function __construct(public int $steps, public HypothesisSet $belief, public Judged $judged)
    {
    }

    /** @return KeptJob what cannot be drawn up anew */
    public function kept(): array
    {
        return ['steps' => $this->steps, 'belief' => $this->belief->kept(), 'judged' => $this->judged->kept()];
    }

    /**
     * @param  KeptJob  $kept
     * @param  self  $beginning  before anything was done
     */
    public static function restored(array $kept, self $beginning, Job $job): self
    {
        return new self(
            $kept['steps'],
            HypothesisSet::restored($kept['belief'], $beginning->belief, array_slice($job->steps, 0, $kept['steps'])),
            Judged::restored($kept['judged'], $beginning->judged->history->beginning(), $job),
        );
    }
}
