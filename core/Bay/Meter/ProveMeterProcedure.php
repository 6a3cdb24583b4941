<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Proves the meter before it is trusted.
 *
 * @extends BaseCarProcedure<ProveMeter>
 */
final readonly class ProveMeterProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'prove-meter';
    }

    public function observations(): array
    {
        return ['proven'];
    }

    public function tool(): string
    {
        return 'meter';
    }

    public function equipment(): array
    {
        return [Meter::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Leads shorted on ohms, then on the battery; a blown fuse of the meter is renewed');
    }

    public function decode(Node $node): Action
    {
        return new ProveMeter;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new MeterWork($workshop->equipment(Meter::class)))->prove($car);
    }
}
