<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * The same for what is done to a car.
 *
 * @template A of CarAction
 *
 * @extends BaseProcedure<A>
 *
 * @implements CarProcedure<A>
 */
abstract readonly class BaseCarProcedure extends BaseProcedure implements CarProcedure
{
    /** Nothing to be seen but that it is done. */
    public function observations(): array
    {
        return ['done'];
    }

    public function reachesIn(CarAction $action): bool
    {
        return false;
    }

    /** What only looks leaves the car as it is. */
    public function repeat(Car $car, CarAction $action, Observation $shown, Workshop $workshop): array
    {
        return $action instanceof Observing ? Branch::only($car, Prediction::of($shown->kind)) : $this->predict($car, $action, $workshop);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return [];
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return [];
    }
}
