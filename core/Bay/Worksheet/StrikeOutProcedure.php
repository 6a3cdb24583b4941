<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Strikes an entry of the card out.
 *
 * @extends BaseProcedure<StrikeOut>
 */
final readonly class StrikeOutProcedure extends BaseProcedure
{
    /** What stands on a card. */
    private const ENTRIES = [WriteReading::class, WriteCode::class, WriteSensor::class, NameCause::class];

    public function name(): string
    {
        return 'strike-out';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Strike an entry of the card out: it stays legible and counts for nothing from then on')
            ->with('entry', Setting::integer('Number of the step that wrote it', ['minimum' => 1]));
    }

    public function example(): array
    {
        return ['entry' => 4];
    }

    public function decode(Node $node): Action
    {
        return new StrikeOut($node->int('entry'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        $entry = $job->step($action->entry)?->action;
        if ($entry === null || ! in_array($entry::class, self::ENTRIES, true)) {
            throw UnfitAction::notOnTheCard($action->entry);
        }
        if ($job->isStruckOut($action->entry)) {
            throw UnfitAction::struckOutAlready($action->entry);
        }
    }
}
