<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lamps;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/**
 * The lamps as the driver sees them.
 *
 * @extends BaseCarProcedure<LookAtLamps>
 */
final readonly class LookAtLampsProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'look-at-lamps';
    }

    public function observations(): array
    {
        return ['lamps'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Look at the lamps as the driver sees them');
    }

    public function decode(Node $node): Action
    {
        return new LookAtLamps;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car, (new LampWork)->look($car));
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return [
            CandidateTest::usual('lamps', Before::driven(), new LookAtLamps, $vehicle->model->lamps)->ofTheWholeCar()->onlyShown(),
            ...($vehicle->brakeParts->ids() === [] ? [] : [
                CandidateTest::usual('bulbs', Before::keyOn(), new LookAtLamps, array_map(static fn (string $lamp): string => "bulb.$lamp", $vehicle->model->lamps))->ofTheWholeCar(),
            ]),
        ];
    }
}
