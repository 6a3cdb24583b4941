<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Closes the job.
 *
 * @extends BaseProcedure<Conclude>
 */
final readonly class ConcludeProcedure extends BaseProcedure
{
    public function name(): string
    {
        return 'conclude';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Close the job');
    }

    public function decode(Node $node): Action
    {
        return new Conclude;
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if (! $job->car()->state->places->removed->isEmpty()) {
            throw UnfitAction::knownGoodPartStillIn();
        }
    }
}
