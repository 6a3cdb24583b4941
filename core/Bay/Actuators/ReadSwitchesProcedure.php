<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/**
 * The switches in the live data while each is worked.
 *
 * @extends BaseCarProcedure<ReadSwitches>
 */
final readonly class ReadSwitchesProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'read-switches';
    }

    public function observations(): array
    {
        return ['switches', 'no-answer'];
    }

    public function tool(): string
    {
        return 'actuator-tests';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Watch the switches in the live data while each is worked');
    }

    public function decode(Node $node): Action
    {
        return new ReadSwitches;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new ActuatorWork)->switches($car);
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        if ($vehicle->brakeParts->ids() === [] || ! $vehicle->module->talksToScanTools()) {
            return [];
        }

        return [CandidateTest::usual('switches', Before::keyOn(), new ReadSwitches, $vehicle->brakeParts->switches())->ofTheWholeCar()];
    }
}
