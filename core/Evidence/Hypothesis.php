<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Action\CarAction;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
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
     * Folds the steps over the car with this fault. Where an outcome is uncertain, the likeliest is followed.
     *
     * @param  list<Step>  $steps
     */
    public static function through(array $steps, Fault $fault, Car $car, Simulator $simulator): self
    {
        $predictions = [];
        foreach ($steps as $step) {
            if ($step->action instanceof CarAction) {
                $branch = Branch::likeliest($simulator->predict($car, $step->action));
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
}
