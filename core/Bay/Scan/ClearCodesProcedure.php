<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Clears the codes of a system.
 *
 * @extends BaseCarProcedure<ClearCodes>
 */
final readonly class ClearCodesProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'clear-codes';
    }

    public function observations(): array
    {
        return ['cleared', 'no-answer'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Clear the codes of the brake module')
            ->orWith('system', Setting::text('left out, the brake module'));
    }

    public function decode(Node $node): Action
    {
        return new ClearCodes($node->has('system') ? $node->text('system') : ReadCodes::BRAKES);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        Systems::check($job->sound(), $action->system);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new ScanWork)->clear($car, $action->system);
    }
}
