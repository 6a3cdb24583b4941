<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job;
use Lernfall\Bay\Simulator;
use Lernfall\Bay\Step;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\CaseKnowledge;
use Lernfall\Evidence\KnownSuspects;
use Lernfall\Evidence\Remedies;
use Lernfall\Evidence\Separation;
use Lernfall\Evidence\Trail;
use Lernfall\Fault\Catalogue;
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
    public function __construct(private Simulator $simulator, private Catalogue $catalogue, private KnownSuspects $suspects)
    {
    }

    public function mark(Job $job, Policy $policy, CaseKnowledge $knowledge = new CaseKnowledge): MarkSheet
    {
        $simulator = $this->simulator->forCase($job->case);
        $trail = $policy->judgesReasoning() ? Trail::of($job, $this->suspects->of($job->case, $knowledge), $this->suspects->weighing, $simulator) : null;
        $reviews = $trail === null ? [] : $this->reviews($job, $policy, $trail, $simulator);
        $marks = [];
        foreach ($this->criteria($policy, $simulator, $reviews, $trail) as $criterion) {
            $outOf = $policy->weights[$criterion->id()] ?? 0;
            if ($outOf === 0) {
                continue;
            }
            $verdict = $criterion->judge($job);
            $marks[] = new Mark($criterion->id(), round($outOf * $verdict->share, 1), $outOf, $verdict);
        }

        $mistakes = Mistakes::in($job, $reviews, $policy->schools);

        return $trail === null
            ? new MarkSheet($marks, mistakes: $mistakes, cap: $this->cap($job, $policy))
            : new MarkSheet($marks, $reviews, $trail->possible, $mistakes, StationReviews::of($job, $trail), cap: $this->cap($job, $policy));
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
    private function reviews(Job $job, Policy $policy, Trail $trail, Simulator $simulator): array
    {
        $remedies = new Remedies($simulator);

        $reviews = (new Reasoning(
            $trail, new Adviser($simulator, $remedies, $policy->needlessRepair), $remedies, $policy->margin, $this->suspects->weighing->closeFactor,
        ))->of($job);

        return $policy->demandsReading ? array_map(fn (RepairReview $review): RepairReview => $this->separates($job, $review, $simulator) ? $review : $review->unsupported(), $reviews) : $reviews;
    }

    /** Whether a rightly written reading carries the repair; a decision for none needs no reading. */
    private function separates(Job $job, RepairReview $review, Simulator $simulator): bool
    {
        $step = $job->step($review->step);

        return $review->repair === null || $step !== null && array_filter(
            (new Separation($simulator, $this->catalogue))->supporting($job, $step),
            static fn (Step $written): bool => Entry::of($job, $written)->isRight(),
        ) !== [];
    }

    /**
     * @param  list<RepairReview>  $reviews
     * @return list<Criterion>
     */
    private function criteria(Policy $policy, Simulator $simulator, array $reviews, ?Trail $trail): array
    {
        $remedies = new Remedies($simulator);

        return [
            new Safety,
            new CodesBeforeClearing,
            new SeparatingReading(new Separation($simulator, $this->catalogue)),
            ...($trail === null ? [] : [
                new RightJudgement($trail, $policy->schools), new SoundReasoning($reviews),
                new RightFirstTest($trail, new Adviser($simulator, $remedies, $policy->needlessRepair), $policy->schools->firstTest),
            ]),
            new RightRepair($remedies, $reviews, $policy->schools->twoRepairs),
            new Proof($policy->schools->lampOut),
            new Economy($remedies, $simulator->workshop, $policy->diagnosisMinutes),
        ];
    }
}
