<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\Closeness;
use Lernfall\Evidence\Advice\Considered;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Advice\RepairCost;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Posterior;

/**
 * The reasoning behind every repair of a job, and behind the decision that none was needed. Each is judged by what was
 * known then, never by what came out.
 */
final readonly class Reasoning
{
    /** Less likely than this is not open any more. */
    private const OPEN_FROM = 0.02;

    /**
     * @param  list<Decision>  $decisions
     * @param  array<string, RepairReview>  $known  of those judged when they were made, by key
     */
    public function __construct(private BeliefHistory $history, private Card $card, private Adviser $adviser, private Remedies $remedies, private float $margin, private array $decisions, private array $known = [])
    {
    }

    /** @return list<RepairReview> in the order of the repairs */
    public function of(Job $job): array
    {
        $reviews = array_map(fn (Decision $decision): RepairReview => $this->known[$decision->key()] ?? $this->review($job, $decision), $this->decisions);
        $last = $job->lastStep();

        return $reviews === [] && $last !== null && $job->isConcluded() ? [$this->untouched($job, $last)] : $reviews;
    }

    /** One decision by itself. */
    public function review(Job $job, Decision $decision): RepairReview
    {
        $step = $job->step($decision->step);
        $set = $this->history->before($decision->step);
        $card = $set->written($this->card->before($decision->step));
        $isRight = $decision->isLeftToOthers
            ? $this->remedies->helps($job->car, $decision->repair)
            : $step !== null && (new RepairEffect($this->remedies))->hasMended($job, $step);

        return $this->judged($decision->step, $decision->repair, $set, $card, $isRight, $step !== null && $this->remedies->harms($step->before, $step->after));
    }

    /** A job closed without any repair. */
    private function untouched(Job $job, Step $last): RepairReview
    {
        $set = $this->history->before($last->number);

        return $this->judged($last->number, null, $set, $set->written($this->card->before($last->number)), Incoming::isInOrder($job->car), false);
    }

    private function judged(int $step, ?Repair $repair, HypothesisSet $set, Posterior $card, bool $isRight, bool $isHarmful): RepairReview
    {
        $considered = $this->adviser->considered($set, $card);
        $advice = $considered->brief();
        $testing = $advice->costOfTesting();
        $now = $this->cost($advice, $repair);
        $justified = $this->isWorth($advice, $repair) && $this->chance($advice->repairs, $repair) > 0.0 && ($repair !== null || $this->card->before($step) !== []); // a car that nobody has looked at is not left by reasoning, whatever its owner said
        $posterior = $advice->repairs;
        $prospects = new RepairProspects(
            $this->chance($posterior, $repair),
            $this->chance(RepairPosterior::of($set, $set->shown(), $this->remedies), $repair),
            $this->byCodes($repair),
            $this->rivals($posterior, $set, $repair),
            $now, $testing,
            $advice->tests[0] ?? null,
        );
        $support = match (true) {
            $justified => 1.0,
            $prospects->byCard <= 0.0 => 0.0,
            default => Closeness::share($card, fn (Posterior $shifted): bool => $this->wouldBeWorth($considered, $shifted, $repair)),
        };

        // Whoever leaves a car as it came, without a look at it, has found nothing out that could have been a close call.
        return new RepairReview($step, $repair, $isRight, $isHarmful, $justified, $repair === null && ! $justified ? min($support, $prospects->moved()) : $support, $prospects);
    }

    /** By what the first codes told; by nothing where none were read. */
    private function byCodes(?Repair $repair): float
    {
        $set = $this->history->afterCodes() ?? $this->history->beginning();

        return $this->chance(RepairPosterior::of($set, $set->shown(), $this->remedies), $repair);
    }

    private function chance(RepairPosterior $posterior, ?Repair $repair): float
    {
        return $repair === null ? $posterior->byRemedy()['none'] ?? 0.0 : $posterior->helps($repair);
    }

    /** The expected cost of beginning with this repair, or with none. */
    private function cost(Advice $advice, ?Repair $repair): float
    {
        return $repair === null
            ? $advice->cost->expected($advice->repairs->byRemedy(), RepairCost::NOTHING)
            : $this->priced($advice, $repair)->expected($advice->repairs->byRemedyWith($repair), Remedies::key($repair));
    }

    private function priced(Advice $advice, Repair $repair): RepairCost
    {
        return $advice->cost->priced(Remedies::key($repair), $this->remedies->price($repair, $advice->repairs->cars[0]->sound));
    }

    /**
     * The least that the cheapest other way may cost for this one to be worth doing, within the margin: a share of it, and no more than
     * that share of what is at stake here. Where much remains to be found out, both sums are large whatever is done.
     */
    private function worthFrom(Advice $advice, ?Repair $repair): float
    {
        $cost = $this->cost($advice, $repair);
        $stake = $repair === null ? $advice->cost->atStake(RepairCost::NOTHING) : $this->priced($advice, $repair)->atStake(Remedies::key($repair));

        return max($cost / (1.0 + $this->margin), $cost - $this->margin * $stake);
    }

    /** Whether it is expected to cost no more than testing on, or than beginning with another repair where no test is left, within the margin. */
    private function isWorth(Advice $advice, ?Repair $repair): bool
    {
        $instead = $advice->costOfTesting() ?? $advice->costNow; // where no test tells anything, the cheapest repair to begin with

        return $this->isLikeliest($advice, $repair) && $instead >= $this->worthFrom($advice, $repair);
    }

    /** To leave a car as it is costs little beside the repair it needs: that nothing is wrong has to be likelier than anything else. */
    private function isLikeliest(Advice $advice, ?Repair $repair): bool
    {
        return $repair !== null || array_key_first($advice->repairs->byRemedy()) === RepairCost::NOTHING;
    }

    /** The same by other beliefs. */
    private function wouldBeWorth(Considered $considered, Posterior $shifted, ?Repair $repair): bool
    {
        $advice = $considered->underBeliefs($shifted);
        $cost = $this->worthFrom($advice, $repair);

        return $this->isLikeliest($advice, $repair) && ! $considered->isTestingCheaper($cost, $shifted) && ($cost <= $advice->costNow || $considered->isTestingCheaper(INF, $shifted));
    }

    /** @return array<string, float> */
    private function rivals(RepairPosterior $posterior, HypothesisSet $set, ?Repair $repair): array
    {
        $rivals = [];
        foreach ($posterior->cars as $index => $car) {
            $helps = $repair === null ? $posterior->remedies[$index] === 'none' : $this->remedies->helps($car, $repair);
            if (! $helps) {
                $name = $set->hypotheses->all[$posterior->hypotheses[$index]]->name();
                $rivals[$name] = ($rivals[$name] ?? 0.0) + $posterior->chances[$index];
            }
        }
        arsort($rivals);

        return array_filter($rivals, static fn (float $chance): bool => $chance >= self::OPEN_FROM);
    }
}
