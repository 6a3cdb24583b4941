<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/**
 * The ABS lamp watched long enough to count.
 *
 * @extends BaseCarProcedure<WatchLamp>
 */
final readonly class WatchLampProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'watch-lamp';
    }

    public function observations(): array
    {
        return ['lamp-watched'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Watch the ABS lamp long enough to count');
    }

    public function decode(Node $node): Action
    {
        return new WatchLamp;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return Branch::only($car, (new LampWork)->watched($car, (new LampWork)->blinking($car)));
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return $vehicle->module->lampCodes === null || $vehicle->module->lampCodes->cycle !== null ? [] : [
            CandidateTest::usual('lamp-codes', [...Before::driven(), new OpenCheckConnector(true)], new WatchLamp, ['lamp'])->ofTheWholeCar(),
        ];
    }
}
