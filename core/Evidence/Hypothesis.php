<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Action\CarAction;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\Observation;
use Lernfall\Bay\Prediction;
use Lernfall\Bay\Simulator;
use Lernfall\Bay\Step;
use Lernfall\Fault\Fault;

/** A car that could be standing there instead: what it would have shown at each step. */
final readonly class Hypothesis
{
    /**
     * @param  array<int, Prediction>  $predictions  by step number
     * @param  Car  $car  as it stands after the last of them
     */
    private function __construct(public Fault $fault, private array $predictions, public Car $car)
    {
    }

    /**
     * Folds the steps over the car with this fault. Where an outcome is uncertain, the likeliest that fits what was shown
     * is followed; where none fits, the likeliest.
     *
     * @param  list<Step>  $steps
     */
    public static function through(array $steps, Fault $fault, Car $car, Simulator $simulator): self
    {
        $predictions = [];
        foreach ($steps as $step) {
            if ($step->action instanceof CarAction) {
                $branch = self::followed($simulator->predict($car, $step->action), $step->observation);
                $car = $branch->car;
                $predictions[$step->number] = $branch->prediction;
            }
        }

        return new self($fault, $predictions, $car);
    }

    public function at(int $step): ?Prediction
    {
        return $this->predictions[$step] ?? null;
    }

    /** @param  non-empty-list<Branch>  $branches */
    private static function followed(array $branches, Observation $shown): Branch
    {
        $fitting = count($branches) === 1 ? [] : array_values(array_filter($branches, static fn (Branch $one): bool => self::fits($one->prediction, $shown)));

        return Branch::likeliest($fitting === [] ? $branches : $fitting);
    }

    private static function fits(Prediction $predicted, Observation $shown): bool
    {
        foreach ($predicted->features as $name => $feature) {
            if (! Apart::fits($feature, $shown, (string) $name)) {
                return false;
            }
        }

        return true;
    }
}
