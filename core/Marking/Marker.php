<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\CaseKnowledge;
use Lernfall\Evidence\KnownSuspects;
use Lernfall\Evidence\Remedies;
use Lernfall\Evidence\Separation;
use Lernfall\Evidence\Trail;
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
    public function __construct(private Simulator $simulator, private KnownSuspects $suspects)
    {
    }

    public function mark(Job $job, Policy $policy, CaseKnowledge $knowledge = new CaseKnowledge): MarkSheet
    {
        $simulator = $job->case->equips($this->simulator);
        $suspects = $this->suspects->of($job->case, $knowledge);
        $remedies = new Remedies($simulator);
        $adviser = new Adviser($simulator, $remedies, $policy->needlessRepair);
        $separation = new Separation($suspects, $this->suspects->weighing, $simulator, $remedies);
        $trail = $policy->judgesReasoning() ? Trail::of($job, $suspects, $this->suspects->weighing, $simulator) : null;
        $reviews = $trail === null ? [] : $this->reviews($job, $policy, new Reasoning($trail, $adviser, $remedies, $policy->margin, $this->suspects->weighing->closeFactor), $separation);
        $criteria = [
            new Safety,
            new CodesBeforeClearing,
            new SeparatingReading($separation, $policy->schools->corrodedPlug),
            ...($trail === null ? [] : [
                new RightJudgement($trail, $policy->schools), new SoundReasoning($reviews), new RightFirstTest($trail, $adviser, $policy->schools->firstTest),
            ]),
            new RightRepair($remedies, $reviews, $policy->schools->twoRepairs, $policy->schools->corrodedPlug),
            new Proof($policy->schools->lampOut),
            new Economy($remedies, $simulator, $policy->diagnosisMinutes),
        ];
        $mistakes = Mistakes::in($job, $reviews, $policy->schools);
        $marks = $this->marks($job, $policy, $criteria);

        return $trail === null
            ? new MarkSheet($marks, mistakes: $mistakes, cap: $this->cap($job, $policy))
            : new MarkSheet($marks, $reviews, $trail->possible, $mistakes, StationReviews::of($job, $trail), cap: $this->cap($job, $policy));
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
