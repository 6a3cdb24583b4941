<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\EvidenceFactory;
use Lernfall\Marking\Criterion\CodesBeforeClearing;
use Lernfall\Marking\Criterion\Economy;
use Lernfall\Marking\Criterion\Proof;
use Lernfall\Marking\Criterion\RightFirstTest;
use Lernfall\Marking\Criterion\RightJudgement;
use Lernfall\Marking\Criterion\RightRepair;
use Lernfall\Marking\Criterion\Safety;
use Lernfall\Marking\Criterion\SeparatingReading;
use Lernfall\Marking\Criterion\SoundReasoning;
use Lernfall\Marking\Mistake\Mistakes;

/** Marks a job by a policy. */
final readonly class Marker
{
    public function __construct(private EvidenceFactory $evidence)
    {
    }

    public function mark(Job $job, Policy $policy, CaseKnowledge $knowledge = new CaseKnowledge): MarkSheet
    {
        $evidence = $this->evidence->of($job->case, $knowledge);
        $adviser = $evidence->adviser($policy->needlessRepair);
        $separation = $evidence->separation();
        $history = $policy->judgesReasoning() ? $evidence->history($job) : null;
        $reviews = $history === null ? [] : $this->reviews($job, $policy, new Reasoning($history, $adviser, $evidence->remedies, $policy->margin, $this->evidence->weighing->closeFactor), $separation);
        $criteria = [
            new Safety,
            new CodesBeforeClearing,
            new SeparatingReading($separation, $policy->schools->corrodedPlug),
            ...($history === null ? [] : [
                new RightJudgement($history, $policy->schools), new SoundReasoning($reviews), new RightFirstTest($history, $adviser, $policy->schools->firstTest),
            ]),
            new RightRepair($evidence->remedies, $reviews, $policy->schools->twoRepairs, $policy->schools->corrodedPlug),
            new Proof($policy->schools->lampOut),
            new Economy($evidence->remedies, $evidence->simulator, $policy->diagnosisMinutes),
        ];
        $mistakes = Mistakes::in($job, $reviews, $policy->schools);
        $marks = $this->marks($job, $policy, $criteria);

        return $history === null
            ? new MarkSheet($marks, mistakes: $mistakes, cap: $this->cap($job, $policy))
            : new MarkSheet($marks, $reviews, $history->possible, $mistakes, StationReviews::of($job, $history), cap: $this->cap($job, $policy));
    }

    /**
     * @param  list<Criterion>  $criteria
     * @return list<Mark> of those that carry points
     */
    private function marks(Job $job, Policy $policy, array $criteria): array
    {
        $marks = [];
        foreach ($criteria as $criterion) {
            $outOf = $policy->weights[$criterion->id()] ?? 0;
            if ($outOf > 0) {
                $verdict = $criterion->judge($job);
                $marks[] = new Mark($criterion->id(), round($outOf * $verdict->share, 1), $outOf, $verdict);
            }
        }

        return $marks;
    }

    private function cap(Job $job, Policy $policy): ?SafetyCap
    {
        $step = $policy->safetyCap === null ? null : UnsafeActs::in($job)->capping();

        return $step === null ? null : new SafetyCap($step, round($policy->safetyCap * array_sum($policy->weights), 1));
    }

    /** @return list<string> */
    public static function criterionIds(): array
    {
        return ['safety', 'codes', 'reading', 'judgement', 'reasoning', 'repair', 'proof', 'economy', 'first-test'];
    }

    /** @return list<RepairReview> */
    private function reviews(Job $job, Policy $policy, Reasoning $reasoning, Separation $separation): array
    {
        $asOne = RenewedWithPlug::in($job, $policy->schools->corrodedPlug);

        return array_map(
            fn (RepairReview $review): RepairReview => ! $policy->demandsReading || $this->isRead($job, $review, $separation) ? $review : $review->unsupported(),
            array_values(array_filter($reasoning->of($job), static fn (RepairReview $review): bool => ! in_array($review->step, $asOne, true))),
        );
    }

    /** Whether a rightly written reading carries the repair; a decision for none needs no reading. */
    private function isRead(Job $job, RepairReview $review, Separation $separation): bool
    {
        $step = $job->step($review->step);

        return $review->repair === null || $step !== null && array_filter(
            $separation->supporting($job, $step),
            static fn (Step $written): bool => Entry::of($job, $written)->isRight(),
        ) !== [];
    }
}
