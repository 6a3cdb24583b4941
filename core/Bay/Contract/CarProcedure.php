<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * A procedure that is carried out on a car.
 *
 * @template A of CarAction
 *
 * @extends Procedure<A>
 */
interface CarProcedure extends Procedure
{
    /**
     * Every way it can turn out, without noise.
     *
     * @param  A  $action
     * @return non-empty-list<Branch> weights add up to 1
     */
    public function predict(Car $car, CarAction $action, Workshop $workshop): array;

    /**
     * Whether it reaches in at a wheel or under the car, where nobody is while the engine turns wheels.
     *
     * @param  A  $action
     */
    public function reachesIn(CarAction $action): bool;

    /**
     * What it does to a car when what it showed is known already: only the cars of the branches count.
     *
     * @param  A  $action
     * @return non-empty-list<Branch>
     */
    public function repeat(Car $car, CarAction $action, Observation $shown, Workshop $workshop): array;

    /** @return list<CandidateTest> tests of a channel that end with this procedure */
    public function candidateTests(Vehicle $vehicle, Channel $channel): array;

    /** @return list<CandidateTest> tests of what sits at no channel */
    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array;
}
