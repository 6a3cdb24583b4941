<?php

declare(strict_types=1);

namespace Lernfall\Bay\Job;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\SeizedSensor;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Contract\WorksheetEntry;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\Conclude;
use Lernfall\Bay\Worksheet\StrikeOut;
use Lernfall\Bay\Workshop\Rate;
use Lernfall\Chance\Draw;
use Lernfall\Vehicle\Vehicle;

/** A case being worked: the fold of its actions. */
final readonly class Job implements JobInHand
{
    /** @param  list<Step>  $steps */
    private function __construct(
        public FaultCase $case,
        private string $seed,
        public Car $car,
        public array $steps,
    ) {
    }

    public static function begin(FaultCase $case, string $seed): self
    {
        return new self($case, $seed, $case->car($seed), []);
    }

    /** The same on a car and with a meter that deviate in nothing. */
    public static function ideally(FaultCase $case, string $seed): self
    {
        return new self($case, $seed, $case->idealCar($seed), []);
    }

    /**
     * A job that is taken up where these steps have led; nothing is worked out again.
     *
     * @param  non-empty-list<Step>  $steps  from the first on
     */
    public static function after(FaultCase $case, string $seed, array $steps): self
    {
        return new self($case, $seed, $steps[count($steps) - 1]->after, $steps);
    }

    /**
     * Does the next action.
     *
     * @throws UnfitAction where the action makes no sense on this car or this card
     */
    public function do(Action $action, Simulator $simulator): self
    {
        $this->check($action, $simulator);
        $simulator = $this->case->equips($simulator);
        [$car, $observation] = $this->performed($action, $simulator);

        return $this->with($action, $car, $observation, $simulator);
    }

    /**
     * Whether an action makes sense now; nothing is done for it.
     *
     * @throws UnfitAction where it makes none on this car or this card
     */
    public function check(Action $action, Simulator $simulator): void
    {
        if ($this->isConcluded()) {
            throw UnfitAction::concluded();
        }
        $this->case->equips($simulator)->check($action, $this);
    }

    /** Repeats an action of a job that is taken up again; what it showed then stays what it showed. */
    public function recall(Action $action, Observation $shown, Simulator $simulator): self
    {
        $simulator = $this->case->equips($simulator);

        return $this->with($action, $action instanceof CarAction ? $simulator->afterwards($this->car, $action, $shown) : $this->car, $shown, $simulator);
    }

    public function sound(): Vehicle
    {
        return $this->case->sound;
    }

    public function car(): Car
    {
        return $this->car;
    }

    public function isConcluded(): bool
    {
        return $this->steps !== [] && $this->steps[count($this->steps) - 1]->action instanceof Conclude;
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (Step $step): float => $step->cost->minutes, $this->steps));
    }

    public function money(): float
    {
        return array_sum(array_map(static fn (Step $step): float => $step->cost->money, $this->steps));
    }

    public function lastStep(): ?Step
    {
        return $this->steps === [] ? null : $this->steps[count($this->steps) - 1];
    }

    public function step(int $number): ?Step
    {
        return $this->steps[$number - 1] ?? null;
    }

    /**
     * The steps whose action is of this class.
     *
     * @template T of Action
     *
     * @param  class-string<T>  $action
     * @return list<Step>
     */
    public function stepsOf(string $action): array
    {
        return array_values(array_filter($this->steps, static fn (Step $step): bool => $step->action instanceof $action));
    }

    /** Whether what this step wrote on the card has been struck out. */
    public function isStruckOut(int $number): bool
    {
        return $this->struckAt($number) !== null;
    }

    /**
     * What was written on the card and stood there before a step. What was struck out after something had been repaired on
     * it has stood there all the same.
     *
     * @template T of WorksheetEntry
     *
     * @param  class-string<T>  $kind
     * @return list<Step>
     */
    public function entries(string $kind, int $before = PHP_INT_MAX): array
    {
        return array_values(array_filter($this->stepsOf($kind), function (Step $entry) use ($before): bool {
            $struck = $this->struckAt($entry->number);

            return $entry->number < $before && ($struck === null || $struck >= $before || $this->isRepairedBetween($entry->number, $struck));
        }));
    }

    private function struckAt(int $entry): ?int
    {
        foreach ($this->stepsOf(StrikeOut::class) as $step) {
            if ($step->action instanceof StrikeOut && $step->action->entry === $entry) {
                return $step->number;
            }
        }

        return null;
    }

    private function isRepairedBetween(int $from, int $to): bool
    {
        return array_filter($this->stepsOf(Repair::class), static fn (Step $step): bool => $step->wasDone() && $step->number > $from && $step->number < $to) !== [];
    }

    /** @return array{Car, Observation} */
    private function performed(Action $action, Simulator $simulator): array
    {
        return $action instanceof CarAction
            ? $simulator->perform($this->car, $action, new Draw($this->seed))
            : [$this->car, Observation::written()];
    }

    private function with(Action $action, Car $car, Observation $observation, Simulator $simulator): self
    {
        $cost = $observation->wasRefused() || $simulator->procedures->procedure($action)->goesOn($action, $this->lastStep()?->action) ? new Rate(0.0, 0.0) : $simulator->rate($action);
        if (in_array(Note::SensorSeized, $observation->notes, true)) {
            $cost = $cost->plus($simulator->workshop->rate(SeizedSensor::RATE));
        }
        $step = new Step(count($this->steps) + 1, $action, $observation, $cost, $this->car, $car);

        return new self($this->case, $this->seed, $car, [...$this->steps, $step]);
    }
}
