<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Drives;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\LampCodes\CodedCorners;
use Lernfall\Bay\LampCodes\CodesShown;

/**
 * All hypotheses, each having had done to it what was done to the car in the bay: what was unplugged, swapped, replaced,
 * damaged or cleared there was so here as well. One more step costs one step.
 *
 * @phpstan-type KeptSet array{paired: list<list<string>>, ways: list<HypothesisBranch>, left: list<HypothesisBranch>, shown: array<int, Observation>, questions: Questions}
 */
final readonly class HypothesisSet
{
    private Likelihood $likelihood;

    /**
     * @param  list<HypothesisBranch>  $ways  those of the sound car first
     * @param  list<HypothesisBranch>  $left  ways of hypotheses ruled out by what was shown, as they stood then
     * @param  array<int, Observation>  $shown  by step number
     * @param  list<Step>  $steps  all there were
     */
    private function __construct(
        public Hypotheses $hypotheses,
        private array $ways,
        private array $left,
        private array $shown,
        private Questions $questions,
        private Weighing $weighing,
        private Simulator $simulator,
        private bool $rulesOut,
        private array $steps = [],
    ) {
        $this->likelihood = new Likelihood($weighing);
    }

    /** @param  bool  $rulesOut  whether those that have become very unlikely are left behind */
    public static function of(Hypotheses $hypotheses, Weighing $weighing, Simulator $simulator, bool $rulesOut = true): self
    {
        $ways = array_map(static fn (Hypothesis $hypothesis, int $place): HypothesisBranch => new HypothesisBranch($place, $hypothesis->car), $hypotheses->all, array_keys($hypotheses->all));

        return new self($hypotheses, $ways, [], [], new Questions, $weighing, $simulator, $rulesOut, []);
    }

    /** @return KeptSet what cannot be drawn up anew: to be kept as it is and given to restored() */
    public function kept(): array
    {
        return ['paired' => $this->hypotheses->paired, 'ways' => $this->ways, 'left' => $this->left, 'shown' => $this->shown, 'questions' => $this->questions];
    }

    /**
     * The set that was kept.
     *
     * @param  KeptSet  $kept
     * @param  self  $beginning  before anything was done, of the same hypotheses
     * @param  list<Step>  $steps  of the job up to then
     */
    public static function restored(array $kept, self $beginning, array $steps): self
    {
        return new self(
            $beginning->hypotheses->pairedAtAll($kept['paired']), $kept['ways'], $kept['left'], $kept['shown'], $kept['questions'], $beginning->weighing, $beginning->simulator, $beginning->rulesOut,
            array_values(array_filter($steps, static fn (Step $step): bool => $step->action instanceof CarAction)),
        );
    }

    /** After one more step of the job, whatever it showed. */
    public function after(Step $step): self
    {
        if (! $step->action instanceof CarAction) {
            return $this;
        }
        $paired = $this->paired($step);
        if ($paired !== $this->hypotheses) {
            return array_reduce([...$this->steps, $step], static fn (self $set, Step $one): self => $set->after($one), self::of($paired, $this->weighing, $this->simulator, $this->rulesOut));
        }
        $asked = $this->questions->stepsThatPut($step->action->question());
        $branches = $this->expected($step->action, $asked[0] ?? -1);
        $predicted = [];
        foreach ($this->ways as $index => $way) {
            foreach ($branches[$index] as $branch) {
                $predicted[] = [$this->hypotheses->all[$way->hypothesis], $branch->prediction];
            }
        }
        $strengths = Strengths::among($predicted);
        $further = [];
        foreach ($this->ways as $index => $way) {
            foreach ($branches[$index] as $branch) {
                $further[$way->hypothesis][] = $this->further($way, $branch, $step, $step->action, $asked, $strengths);
            }
        }
        $ways = array_merge(...array_map($this->worthFollowing(...), array_values($further)));
        [$followed, $left] = $this->parted($ways);

        return new self(
            $this->hypotheses, $followed, [...$this->left, ...$left],
            [$step->number => $step->observation] + $this->shown, $this->questions->with($step->number, $step->action->question()),
            $this->weighing, $this->simulator, $this->rulesOut, [...$this->steps, $step],
        );
    }

    /**
     * Where the same was asked since anything was done to the car, it is not worked out a second time.
     *
     * @param  int  $last  the step that put the same question; -1 where none did
     * @return array<int, non-empty-list<Branch>> by way
     */
    private function expected(CarAction $action, int $last): array
    {
        $shared = new SharedPredictions;

        return array_map(function (HypothesisBranch $way) use ($action, $last, $shared): array {
            $before = $way->predictions[$last] ?? null;

            return $before !== null && $last >= $way->standsSince
                ? Branch::only($way->car, $before)
                : array_map(static fn (Branch $one): Branch => $shared->of($one, $before), $this->simulator->predict($way->car, $action));
        }, $this->ways);
    }

    /** Where the first codes that are read name several corners, there may be a fault at each of them. */
    private function paired(Step $step): Hypotheses
    {
        $codes = CodesShown::at($step);
        $isFirst = $codes !== null && array_filter($this->steps, static fn (Step $one): bool => CodesShown::at($one) !== null) === [];
        $corners = $isFirst ? CodedCorners::named(array_keys($codes), $step->before->sound) : [];

        return in_array(count($corners), [2, 3], true) ? $this->hypotheses->pairedAt($corners) : $this->hypotheses;
    }

    /** What is believed from all that was shown. */
    public function shown(): Posterior
    {
        return Posterior::ofWays($this->hypotheses, $this->ways, array_map(static fn (HypothesisBranch $way): float => $way->weight(), $this->ways));
    }

    /** @param  array<int, Observation>  $written  what stands on the card and is believed in alone, by the number of the step that showed it */
    public function written(array $written): Posterior
    {
        return array_slice($this->inTurn($written), -1)[0];
    }

    /**
     * The same after each step that is written: of it and of those before it.
     *
     * @param  array<int, Observation>  $written  by the number of the step that showed it
     * @return non-empty-array<int, Posterior> by that number; under 0 before any
     */
    public function inTurn(array $written): array
    {
        ksort($written);
        $before = $this->questions->before(array_keys($written));
        $ways = [...$this->ways, ...$this->left];
        $predicted = array_fill_keys(array_keys($written), []);
        foreach ($ways as $way) {
            foreach (array_intersect_key($way->predictions, $written) as $number => $prediction) {
                $predicted[$number][] = [$this->hypotheses->all[$way->hypothesis], $prediction];
            }
        }
        $strengths = array_map(Strengths::among(...), $predicted);
        $logs = array_map(fn (HypothesisBranch $way): array => $this->fits($way, $written, $before, $strengths), $ways);
        $inTurn = [];
        foreach ([0, ...array_keys($written)] as $number) {
            $inTurn[$number] = Posterior::ofWays($this->hypotheses, $ways, array_map(static fn (array $of): float => $of[$number], $logs));
        }

        return $inTurn;
    }

    /** Whether the same question has been put before, and this prediction expects the answer it had then. */
    public function isAnswered(HypothesisBranch $way, CarAction $action, Prediction $prediction): bool
    {
        return EarlierAnswers::of($way, $this->questions->stepsThatPut($action->question()), $this->shown, $prediction)->settle($prediction);
    }

    /** The sound car, which tells what is usual. */
    public function sound(): HypothesisBranch
    {
        return $this->ways[0];
    }

    /** @return array<int, HypothesisBranch> the likeliest way of each hypothesis */
    public function likeliest(): array
    {
        $best = [];
        foreach ([...$this->ways, ...$this->left] as $way) {
            if (! isset($best[$way->hypothesis]) || $way->weight() > $best[$way->hypothesis]->weight()) {
                $best[$way->hypothesis] = $way;
            }
        }

        return $best;
    }

    /**
     * How well what is written fits, step by step, as natural logarithms; what came after a hypothesis was ruled out counts as odd.
     *
     * @param  array<int, Observation>  $written
     * @param  array<int, list<int>>  $before  by step: those before it that put the same question, the last first
     * @param  array<int, Strengths>  $strengths  by step
     * @return array<int, float> up to each step; under 0 before any
     */
    private function fits(HypothesisBranch $way, array $written, array $before, array $strengths): array
    {
        $sum = $way->turns;
        $sums = [0 => $sum];
        $estimate = DeviationEstimate::blank();
        foreach ($written as $number => $observation) {
            if (! isset($way->predictions[$number])) {
                $sums[$number] = $sum += log($this->weighing->scatter->oddity->of(Oddity::OTHERWISE));

                continue;
            }
            [$fit, $estimate] = $this->likelihood->of(
                $way->predictions[$number], $observation, $estimate, $this->around($way, $strengths[$number] ?? null), EarlierAnswers::of($way, $before[$number] ?? [], $written, $way->predictions[$number]),
            );
            $sums[$number] = $sum += $fit;
        }

        return $sums;
    }

    /** Null where the hypothesis is not of one strength out of many. */
    private function around(HypothesisBranch $way, ?Strengths $strengths): ?Strengths
    {
        $hypothesis = $this->hypotheses->all[$way->hypothesis];

        return $hypothesis->graded ? $strengths?->around($hypothesis) : null;
    }

    /**
     * Those still followed, and those ruled out. The sound car is always followed: it tells what is usual. So are strengths next to one that is followed: they tell how far its numbers may lie off.
     *
     * @param  list<HypothesisBranch>  $ways
     * @return array{list<HypothesisBranch>, list<HypothesisBranch>}
     */
    private function parted(array $ways): array
    {
        $weight = fn (HypothesisBranch $way): float => $way->weight() + log(max(1e-12, $this->hypotheses->all[$way->hypothesis]->prior));
        $least = max([-INF, ...array_map($weight, $ways)]) + log($this->weighing->pursuit->ruledOutBelow);
        $likely = array_map(fn (HypothesisBranch $way): bool => ! $this->rulesOut || $way->hypothesis === 0 || $weight($way) >= $least, $ways);
        $followed = NextStrengths::with($ways, $likely, $this->hypotheses);

        return [array_values(array_intersect_key($ways, array_filter($followed))), array_values(array_diff_key($ways, array_filter($followed)))];
    }

    /** @param  list<int>  $asked  the steps that put the same question, the last first */
    private function further(HypothesisBranch $way, Branch $branch, Step $step, CarAction $action, array $asked, Strengths $strengths): HypothesisBranch
    {
        [$fit, $estimate] = $this->likelihood->of(
            $branch->prediction, $step->observation, $way->estimate(), $this->around($way, $strengths), EarlierAnswers::of($way, $asked, $this->shown, $branch->prediction),
        );
        $car = $branch->prediction->refusal === null ? $this->simulator->asked($branch->car, $action) : $way->car;

        $stands = $branch->car->standsLike($way->car) && ! ($action instanceof Drives && $action->drive() !== null);

        return new HypothesisBranch(
            $way->hypothesis, $car, $way->turns + log($branch->weight), $way->fit + $fit, [$step->number => $branch->prediction] + $way->predictions, $estimate,
            $stands ? $way->standsSince : $step->number + 1,
        );
    }

    /**
     * @param  list<HypothesisBranch>  $ways  of one hypothesis
     * @return non-empty-list<HypothesisBranch>
     */
    private function worthFollowing(array $ways): array
    {
        assert($ways !== []);
        if (count($ways) === 1) {
            return $ways;
        }
        usort($ways, static fn (HypothesisBranch $one, HypothesisBranch $other): int => $other->weight() <=> $one->weight());
        $least = $ways[0]->weight() + log($this->weighing->pursuit->forgottenBelow);

        return [$ways[0], ...array_filter(array_slice($ways, 1, $this->weighing->pursuit->waysPerHypothesis - 1), static fn (HypothesisBranch $way): bool => $way->weight() >= $least)];
    }
}
