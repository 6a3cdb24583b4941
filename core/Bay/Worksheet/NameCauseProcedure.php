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
 * Names the cause before a repair.
 *
 * @extends BaseProcedure<NameCause>
 */
final readonly class NameCauseProcedure extends BaseProcedure
{
    public function name(): string
    {
        return 'name-cause';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Name the cause before a repair')
            ->with('channel', Setting::channel())
            ->with('station', Setting::text())
            ->with('defect', Setting::text())
            ->with('supports', Setting::list(Setting::integer('', ['minimum' => 1]), [], 'Steps that wrote down the supporting readings'))
            ->with('expects', Setting::words(Vocabulary::EXPECTATIONS));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [4, 7], 'expects' => 'code-stays-away'];
    }

    public function decode(Node $node): Action
    {
        return new NameCause($node->text('channel'), $node->text('station'), $node->text('defect'), $node->ints('supports'), $node->text('expects'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        StationSetting::check($job->sound(), $action->channel, $action->station);
        SettingRange::known('defect', $action->defect, Vocabulary::DEFECTS[$action->station] ?? []);
        SettingRange::known('expects', $action->expects, Vocabulary::EXPECTATIONS);
        foreach ($action->supports as $number) {
            $step = $job->step($number);
            if ($step === null || ! ($step->action instanceof WriteReading || $step->action instanceof WriteCode)) {
                throw UnfitAction::notWrittenDown($number);
            }
            if ($job->isStruckOut($number)) {
                throw UnfitAction::supportStruckOut($number);
            }
        }
    }
}
