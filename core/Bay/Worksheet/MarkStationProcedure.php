<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Marks a station of the path.
 *
 * @extends BaseProcedure<MarkStation>
 */
final readonly class MarkStationProcedure extends BaseProcedure
{
    public function name(): string
    {
        return 'mark-station';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Mark a station of the path')
            ->with('channel', Setting::channel())
            ->with('station', Setting::words(array_keys(Vocabulary::DEFECTS)))
            ->with('mark', Setting::choice(StationMark::class));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'station' => 'loom', 'mark' => 'suspect'];
    }

    public function decode(Node $node): Action
    {
        return new MarkStation($node->text('channel'), $node->text('station'), $node->choice('mark', StationMark::class));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        StationSetting::check($job->sound(), $action->channel, $action->station);
    }
}
