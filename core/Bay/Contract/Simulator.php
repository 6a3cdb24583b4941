<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Supervision;
use Lernfall\Bay\Workshop\Rate;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Chance\Draw;

/**
 * The one way to learn anything about a car: predict() for what an action would show, perform() for what it shows on
 * one true car.
 */
final readonly class Simulator
{
    public function __construct(public Workshop $workshop, public ProcedureRegistry $procedures, private bool $isIdeal = false)
    {
    }

    /** The same in another workshop. */
    public function in(Workshop $workshop): self
    {
        return new self($workshop, $this->procedures, $this->isIdeal);
    }

    /** With instruments that add no noise and show all digits, for checking readings against a reference. */
    public function ideal(): self
    {
        return new self($this->workshop, $this->procedures, true);
    }

    /**
     * Every way the action can turn out, without noise.
     *
     * @return non-empty-list<Branch> weights add up to 1
     */
    public function predict(Car $car, CarAction $action): array
    {
        if ($car->state->wheels->underPower && $this->procedures->onCar($action)->reachesIn($action)) {
            return Branch::refused($car, Refusal::WheelsUnderPower);
        }

        return $this->settled($this->procedures->onCar($action)->predict($this->cooledBefore($car, $action), $action, $this->workshop), $car, $action);
    }

    /**
     * What the action shows on a true car, its noise drawn from the seed.
     *
     * @return array{Car, Observation}
     */
    public function perform(Car $car, CarAction $action, Draw $noise): array
    {
        $branch = $this->predict($car, $action)[0];
        $prediction = $branch->prediction;
        $repetition = $car->state->record->asked[$action->question()] ?? 0;
        $values = [];
        foreach ($prediction->features as $name => $feature) {
            $values[$name] = $this->isIdeal ? $feature->exactly() : $feature->observed($noise, $action->question()."|$repetition|$name");
        }

        return [
            $prediction->refusal === null ? $this->asked($branch->car, $action) : $car,
            new Observation($prediction->kind, $values, $prediction->refusal, $prediction->notes, $prediction->pictureOf($values)),
        ];
    }

    /** The true car after an action whose observation is already known: nothing has to be shown again. */
    public function afterwards(Car $car, CarAction $action, Observation $shown): Car
    {
        return $shown->wasRefused()
            ? $car
            : $this->asked($this->settled($this->procedures->onCar($action)->repeat($this->cooledBefore($car, $action), $action, $shown, $this->workshop), $car, $action)[0]->car, $action);
    }

    /** Whether an action makes sense here: the tool it needs is there, and its settings can be. */
    public function check(Action $action, JobInHand $job): void
    {
        if (! $this->hasToolFor($action)) {
            throw UnfitAction::withheld();
        }
        $this->procedures->procedure($action)->check($action, $job, $this->workshop);
    }

    public function hasToolFor(Action $action): bool
    {
        return $this->workshop->has($this->procedures->procedure($action)->tool()) && (! $action instanceof NeedsFurtherTool || $this->workshop->has($action->furtherTool()));
    }

    /** Minutes and material of an action. */
    public function rate(Action $action): Rate
    {
        return $this->workshop->rate($action->rate());
    }

    /** Material and working time of an action, in money. */
    public function price(Action $action): float
    {
        $rate = $this->rate($action);

        return $rate->money + $rate->minutes * $this->workshop->costPerMinute;
    }

    /** The car once this was asked of it. */
    public function asked(Car $car, CarAction $action): Car
    {
        return $car->in($car->state->withAsked($action->question(), $action instanceof Drives && $action->drive() !== null));
    }

    /** Before a drive hubs cool as long as it is being prepared; from the stop on they cool anew. */
    private function cooledBefore(Car $car, CarAction $action): Car
    {
        $drive = $action instanceof Drives ? $action->drive() : null;

        return $drive === null ? $car : $this->cooled($car, max(0.0, $this->rate($action)->minutes - $drive->seconds() / 60.0));
    }

    /**
     * What the module notices of it, and how far parts cool meanwhile.
     *
     * @param  non-empty-list<Branch>  $branches
     * @return non-empty-list<Branch>
     */
    private function settled(array $branches, Car $before, CarAction $action): array
    {
        $minutes = $action instanceof Drives && $action->drive() !== null ? 0.0 : $this->rate($action)->minutes;
        $settled = [];
        foreach ($branches as $branch) {
            if ($branch->prediction->refusal !== null) {
                $settled[] = $branch;

                continue;
            }
            foreach (Supervision::over($before, $branch->car) as [$weight, $car]) {
                $settled[] = new Branch($branch->weight * $weight, $this->cooled($car, $minutes), $branch->prediction);
            }
        }

        return $settled;
    }

    private function cooled(Car $car, float $minutes): Car
    {
        $cooled = $car->state->cooled($minutes, $this->workshop->hubHalfLifeMinutes);

        return $cooled === $car->state ? $car : $car->in($cooled);
    }
}
