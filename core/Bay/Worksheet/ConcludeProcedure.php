<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
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
        return ActionSchema::of('Close the job')
            ->orWith('to', Setting::words(HandOver::RECEIVERS, 'Not repaired: to whom the car is handed over; left out, it goes back to its owner'))
            ->orWith('journey', Setting::words(HandOver::JOURNEYS, 'How it gets there; goes with "to"'));
    }

    public function decode(Node $node): Action
    {
        return new Conclude($node->has('to') || $node->has('journey') ? new HandOver($node->text('to'), $node->text('journey')) : null);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if ($action->handOver !== null) {
            SettingRange::known('to', $action->handOver->to, HandOver::RECEIVERS);
            SettingRange::known('journey', $action->handOver->journey, HandOver::JOURNEYS);
        }
        if (! $job->car()->state->places->removed->isEmpty()) {
            throw UnfitAction::knownGoodPartStillIn();
        }
    }
}
