<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Belief\BeliefHistory;
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
    /** Points are given in halves. */
    private const STEPS = 2.0;

    /** What goes with a diagnosis, and is worth half without one. */
    private const BESIDES = ['safety', 'codes', 'judgement', 'proof', 'economy'];

    public function __construct(private EvidenceFactory $evidence)
    {
    }

    /** Before anything was done. */
    public function begin(FaultCase $case, CaseKnowledge $knowledge): Judged
    {
        return new Judged(BeliefHistory::beginningWith($this->evidence->judging($case, $knowledge)->beginning()));
    }

    /**
     * Each repair is judged as it was made.
     *
     * @param  int  $upTo  the last step that is looked at
     */
    public function follow(Judged $soFar, Job $job, Policy $policy, CaseKnowledge $knowledge, int $upTo = PHP_INT_MAX): Judged
    {
        $evidence = $this->evidence->judging($job->case, $knowledge);
        [$history, $reviews] = [$soFar->history, $soFar->reviews];
        foreach (array_slice($job->steps, $history->steps(), max(0, $upTo - $history->steps())) as $step) {
            $history = $history->after($step);
            if ($policy->judgesReasoning() && $step->action instanceof Repair && Decisions::isOne($step)) {
                $decision = new Decision($step->number, $step->action);
                $reasoning = new Reasoning($history, new Card($job, $history), $evidence->adviser($policy->needlessRepair), $evidence->remedies, $policy->margin, []);
                $reviews[$decision->key()] = $reasoning->review($job, $decision);
            }
        }

        return new Judged($history, $reviews);
    }

    /** @param  ?Judged  $soFar  what was judged on the way; null for nothing, which comes to the same */
    public function mark(Job $job, Policy $policy, CaseKnowledge $knowledge = new CaseKnowledge, ?Judged $soFar = null): MarkSheet
    {
        $evidence = $this->evidence->judging($job->case, $knowledge);
        $adviser = $evidence->adviser($policy->needlessRepair);
        $judged = $this->follow($soFar ?? $this->begin($job->case, $knowledge), $job, $policy, $knowledge);
        $history = $judged->history;
        $card = new Card($job, $history);
        $handedOver = HandedOver::in($job, $evidence->hypotheses, $evidence->remedies);
        $decisions = Decisions::of($job, $policy->schools->corrodedPlug, $handedOver);
        $rests = new Rests($job, $history, $card, $evidence->separation(), $evidence->readingFirst());
        $reasons = $policy->judgesReasoning();
        $reviews = $reasons ? $this->reviews($job, $policy, new Reasoning($history, $card, $adviser, $evidence->remedies, $policy->margin, $decisions, $judged->reviews), $rests) : [];
        $unsafe = UnsafeActs::in($job, (new DrivenAway($evidence->simulator))->unsafely($job, $knowledge->doubtsPedal()));
        $criteria = [
            new Safety($unsafe),
            new CodesBeforeClearing,
            new SeparatingReading($rests, $decisions),
            ...($reasons ? [new RightJudgement($card, $rests, $decisions, $policy->schools), new SoundReasoning($reviews), new RightFirstTest($history, $adviser, $policy->schools->firstTest)] : []),
            new RightRepair($evidence->remedies, $reviews, $handedOver, $policy->schools->twoRepairs, $policy->schools->corrodedPlug),
            new Proof(new Recurrence($evidence->simulator), $handedOver, $knowledge->symptoms, $policy->schools->lampOut),
            new Economy($evidence->remedies, $evidence->simulator, $policy->diagnosisMinutes, $handedOver),
        ];
        $mistakes = Mistakes::in($job, $reviews, $policy->schools);
        $marks = $this->marks($job, $policy, $criteria, $reviews !== [] && array_filter($reviews, static fn (RepairReview $one): bool => $one->isWorked()) === []);

        return $reasons
            ? new MarkSheet($marks, $reviews, $history->possible, $mistakes, StationReviews::of($job, $history, $card), cap: $this->cap($unsafe, $policy))
            : new MarkSheet($marks, mistakes: $mistakes, cap: $this->cap($unsafe, $policy));
    }

    /**
     * @param  list<Criterion>  $criteria
     * @param  bool  $isGuessed  nothing was found out for any decision
     * @return list<Mark> of those that carry points
     */
    private function marks(Job $job, Policy $policy, array $criteria, bool $isGuessed): array
    {
        $marks = [];
        foreach ($criteria as $criterion) {
            $outOf = $policy->weights[$criterion->id()] ?? 0;
            if ($outOf > 0) {
                $verdict = $isGuessed && in_array($criterion->id(), self::BESIDES, true) ? $criterion->judge($job)->withoutDiagnosis() : $criterion->judge($job);
                $marks[] = new Mark($criterion->id(), round(self::STEPS * $outOf * $verdict->share) / self::STEPS, $outOf, $verdict);
            }
        }

        return $marks;
    }

    private function cap(UnsafeActs $unsafe, Policy $policy): ?SafetyCap
    {
        $step = $policy->safetyCap === null ? null : $unsafe->capping();

        return $step === null ? null : new SafetyCap($step, round($policy->safetyCap * array_sum($policy->weights), 1));
    }

    /** @return list<string> */
    public static function criterionIds(): array
    {
        return ['safety', 'codes', 'reading', 'judgement', 'reasoning', 'repair', 'proof', 'economy', 'first-test'];
    }

    /** @return list<RepairReview> */
    private function reviews(Job $job, Policy $policy, Reasoning $reasoning, Rests $rests): array
    {
        return array_map(
            static function (RepairReview $review) use ($policy, $rests): RepairReview {
                $decision = $review->repair === null ? null : new Decision($review->step, $review->repair);

                return ! $policy->demandsReading || $decision === null
                    ? $review // a decision for none needs no reading
                    : $review->resting($rests->misread($decision) === null ? $rests->of($decision)->share : 0.0);
            },
            $reasoning->of($job),
        );
    }
}
