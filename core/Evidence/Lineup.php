<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Action\CarAction;
use Lernfall\Bay\Observation;
use Lernfall\Bay\Prediction;
use Lernfall\Bay\Simulator;
use Lernfall\Bay\Step;

/**
 * All suspects, each having had done to it what was done to the car in the bay: what was unplugged, swapped, replaced,
 * damaged or cleared there was so here as well. One more step costs one step.
 */
final readonly class Lineup
{
    /**
     * @param  list<Way>  $ways  those of the sound car first
     * @param  list<Way>  $left  ways of suspects ruled out by what was shown, as they stood then
     * @param  array<int, Observation>  $shown  by step number
     * @param  array<int, string>  $questions  by step number
     */
    private function __construct(
        public Suspects $suspects,
        public array $ways,
        private array $left,
        private array $shown,
        private array $questions,
        private Likelihood $likelihood,
        private Weighing $weighing,
        private Simulator $simulator,
    ) {
    }

    public static function of(Suspects $suspects, Weighing $weighing, Simulator $simulator): self
    {
        $ways = array_map(static fn (Suspect $suspect, int $place): Way => new Way($place, $suspect->car), $suspects->all, array_keys($suspects->all));

        return new self($suspects, $ways, [], [], [], new Likelihood($weighing), $weighing, $simulator);
    }

    /**
     * After one more step of the job, whatever it showed.
     */
    public function after(Step $step): self
    {
        if (! $step->action instanceof CarAction) {
            return $this;
        }
        $ways = [];
        $sound = null;
        foreach ($this->bySuspect() as $of) {
            $further = [];
            foreach ($of as $way) {
                array_push($further, ...$this->further($way, $step, $step->action, $sound));
            }
            $further = $this->worthFollowing($further);
            $sound ??= $further[0]->predictions[$step->number];
            array_push($ways, ...$further);
        }
        [$followed, $left] = $this->parted($ways);

        return new self($this->suspects, $followed, [...$this->left, ...$left], [$step->number => $step->observation] + $this->shown, $this->questions + [$step->number => $step->action->question()], $this->likelihood, $this->weighing, $this->simulator);
    }

    /** What is believed from all that was shown. */
    public function shown(): Odds
    {
        return Odds::of($this->suspects, $this->gathered($this->ways, array_map(static fn (Way $way): float => $way->weight(), $this->ways)));
    }

    /**
     * What is believed from what stands on the card only.
     *
     * @param  array<int, Observation>  $written  by the number of the step that showed it
     */
    public function written(array $written): Odds
    {
        ksort($written);
        $before = $this->askedBefore(array_keys($written));
        $ways = [...$this->ways, ...$this->left];
        $logs = array_map(fn (Way $way): float => $way->turns + $this->fits($way, $written, $before), $ways);

        return Odds::of($this->suspects, $this->gathered($ways, $logs));
    }

    /**
     * How well what is written fits, as a natural logarithm; what came after a suspect was ruled out counts as odd.
     *
     * @param  array<int, Observation>  $written
     * @param  array<int, int>  $before  by step: the one before it that put the same question
     */
    private function fits(Way $way, array $written, array $before): float
    {
        $sum = 0.0;
        $ledger = Ledger::blank();
        foreach ($written as $number => $observation) {
            if (! isset($way->predictions[$number])) {
                $sum += log($this->weighing->oddChance);

                continue;
            }
            [$fit, $ledger] = $this->likelihood->of(
                $way->predictions[$number], $observation, $ledger,
                $way->suspect === 0 ? null : $this->ways[0]->predictions[$number] ?? null,
                $this->suspects->all[$way->suspect]->graded,
                $this->earlier($way, $before[$number] ?? 0, $written),
            );
            $sum += $fit;
        }

        return $sum;
    }

    /**
     * Those still followed, and those ruled out. The sound car is always followed: it tells what is usual.
     *
     * @param  list<Way>  $ways
     * @return array{list<Way>, list<Way>}
     */
    private function parted(array $ways): array
    {
        $weight = fn (Way $way): float => $way->weight() + log(max(1e-12, $this->suspects->all[$way->suspect]->prior));
        $least = max([-INF, ...array_map($weight, $ways)]) + log($this->weighing->ruledOutBelow);
        $followed = [];
        $left = [];
        foreach ($ways as $way) {
            if ($way->suspect === 0 || $weight($way) >= $least) {
                $followed[] = $way;
            } else {
                $left[] = $way;
            }
        }

        return [$followed, $left];
    }

    /**
     * @param  list<int>  $numbers  of steps, ascending
     * @return array<int, int> by step: the one before it that put the same question
     */
    private function askedBefore(array $numbers): array
    {
        $before = [];
        $last = [];
        foreach ($numbers as $number) {
            $question = $this->questions[$number] ?? '';
            if (isset($last[$question])) {
                $before[$number] = $last[$question];
            }
            $last[$question] = $number;
        }

        return $before;
    }

    /** @param  array<int, Observation>  $shown  by step number */
    private function earlier(Way $way, int $step, array $shown): ?Answer
    {
        return isset($way->predictions[$step], $shown[$step]) ? new Answer($way->predictions[$step], $shown[$step]) : null;
    }

    /** What a question was answered when it was last put; null where it never was. */
    public function answered(Way $way, CarAction $action): ?Answer
    {
        return $this->earlier($way, $this->lastAsked($action), $this->shown);
    }

    /** The last step that put this question; 0 where none did. */
    private function lastAsked(CarAction $action): int
    {
        return (int) array_search($action->question(), array_reverse($this->questions, true), true);
    }

    /** The likeliest way of a suspect. */
    public function likeliest(int $suspect): Way
    {
        $best = null;
        foreach ([...$this->ways, ...$this->left] as $way) {
            if ($way->suspect === $suspect && ($best === null || $way->weight() > $best->weight())) {
                $best = $way;
            }
        }
        assert($best !== null, 'every suspect keeps a way');

        return $best;
    }

    /** @return list<non-empty-list<Way>> */
    private function bySuspect(): array
    {
        $by = [];
        foreach ($this->ways as $way) {
            $by[$way->suspect][] = $way;
        }

        return array_values($by);
    }

    /** @return list<Way> */
    private function further(Way $way, Step $step, CarAction $action, ?Prediction $sound): array
    {
        $further = [];
        $graded = $this->suspects->all[$way->suspect]->graded;
        $earlier = $this->earlier($way, $this->lastAsked($action), $this->shown);
        foreach ($this->simulator->predict($way->car, $action) as $branch) {
            [$fit, $ledger] = $this->likelihood->of($branch->prediction, $step->observation, $way->ledger(), $way->suspect === 0 ? null : $sound, $graded, $earlier);
            $car = $branch->prediction->refusal === '' ? $branch->car->in($branch->car->state->withAsked($action->question())) : $way->car;
            $further[] = new Way($way->suspect, $car, $way->turns + log($branch->weight), $way->fit + $fit, [$step->number => $branch->prediction] + $way->predictions, $ledger);
        }

        return $further;
    }

    /**
     * @param  list<Way>  $ways  of one suspect
     * @return non-empty-list<Way>
     */
    private function worthFollowing(array $ways): array
    {
        assert($ways !== []);
        if (count($ways) === 1) {
            return $ways;
        }
        usort($ways, static fn (Way $one, Way $other): int => $other->weight() <=> $one->weight());
        $least = $ways[0]->weight() + log($this->weighing->forgottenBelow);

        return [$ways[0], ...array_filter(array_slice($ways, 1, $this->weighing->waysPerSuspect - 1), static fn (Way $way): bool => $way->weight() >= $least)];
    }

    /**
     * @param  list<Way>  $ways
     * @param  list<float>  $logs  of each way
     * @return list<float> of each suspect: natural logarithm of its likelihood
     */
    private function gathered(array $ways, array $logs): array
    {
        $greatest = array_fill(0, $this->suspects->count(), -INF);
        foreach ($ways as $index => $way) {
            $greatest[$way->suspect] = max($greatest[$way->suspect], $logs[$index]);
        }
        $sums = array_fill(0, $this->suspects->count(), 0.0);
        foreach ($ways as $index => $way) {
            $sums[$way->suspect] += exp($logs[$index] - $greatest[$way->suspect]);
        }

        return array_map(static fn (float $most, float $sum): float => $sum > 0.0 ? $most + log($sum) : -INF, $greatest, $sums);
    }
}
