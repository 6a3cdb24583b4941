<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseProcedure;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Writes down what kind of sensor sits at a channel, and what each of its wires does.
 *
 * @extends BaseProcedure<WriteSensor>
 */
final readonly class WriteSensorProcedure extends BaseProcedure
{
    public function name(): string
    {
        return 'write-sensor';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Write down what kind of sensor sits at a channel, and what each of its wires does')
            ->with('channel', Setting::channel())
            ->with('technology', Setting::words(Vocabulary::TECHNOLOGIES))
            ->with('wires', Setting::list(Setting::words(Vocabulary::WIRES), ['minItems' => 2, 'maxItems' => 3], 'in the order of the conductors'));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'technology' => 'passive', 'wires' => ['coil', 'coil']];
    }

    public function decode(Node $node): Action
    {
        return new WriteSensor($node->text('channel'), $node->word('technology', Vocabulary::TECHNOLOGIES), $node->texts('wires'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
        $count = count($job->sound()->channel($action->channel)->conductors);
        SettingRange::between('wires', count($action->wires), [$count, $count]);
        foreach ($action->wires as $index => $wire) {
            SettingRange::known("wires.$index", $wire, Vocabulary::WIRES);
        }
    }
}
