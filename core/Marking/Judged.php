<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\HypothesisSet;

/**
 * What a job has shown so far, and how its repairs were judged when they were made: closing only sums up.
 *
 * @phpstan-import-type KeptHistory from BeliefHistory
 *
 * @phpstan-type KeptJudged array{history: KeptHistory, reviews: array<string, RepairReview>}
 */
final readonly class Judged
{
    /** @param  array<string, RepairReview>  $reviews  by decision */
    public function __construct(public BeliefHistory $history, public array $reviews = [])
    {
    }

    /** @return KeptJudged what cannot be drawn up anew: to be kept as it is and given to restored() */
    public function kept(): array
    {
        return ['history' => $this->history->kept(), 'reviews' => $this->reviews];
    }

    /**
     * @param  KeptJudged  $kept
     * @param  HypothesisSet  $beginning  before anything was done
     */
    public static function restored(array $kept, HypothesisSet $beginning, Job $job): self
    {
        return new self(BeliefHistory::restored($kept['history'], $beginning, $job), $kept['reviews']);
    }
}
