<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * The bench supply on the pins of an unplugged sensor.
 *
 * @extends BaseCarProcedure<FeedSensor>
 */
final readonly class FeedSensorProcedure extends BaseCarProcedure
{
    private const GREATEST_VOLTS = 15.0;

    private const LIMIT_MILLIAMPERES = [1.0, 500.0];

    public function name(): string
    {
        return 'feed-sensor';
    }

    public function observations(): array
    {
        return ['done', 'bench-supply'];
    }

    public function tool(): string
    {
        return 'bench-supply';
    }

    public function equipment(): array
    {
        return [BenchLoad::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Connect the bench supply to the pins of an unplugged sensor; no volts takes it off')
            ->with('channel', Setting::text())
            ->with('volts', Setting::within([0.0, self::GREATEST_VOLTS]))
            ->with('milliamperes', Setting::within([0.0, self::LIMIT_MILLIAMPERES[1]], 'current limit'))
            ->with('reversed', Setting::bool('positive lead on the return'))
            ->orWith('leads', PlacedLeads::schema());
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'volts' => 12.0, 'milliamperes' => 40.0, 'reversed' => false];
    }

    public function decode(Node $node): Action
    {
        return new FeedSensor($node->text('channel'), $node->float('volts'), $node->float('milliamperes') / 1000.0, $node->bool('reversed'), $node->has('leads') ? PlacedLeads::read($node->at('leads')) : null);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
        SettingRange::between('volts', $action->volts, [0.0, self::GREATEST_VOLTS]);
        if ($action->volts > 0.0) {
            SettingRange::between('milliamperes', $action->limitAmperes * 1000.0, self::LIMIT_MILLIAMPERES);
            $action->leads?->check($job->sound()->channel($action->channel));
        }
    }

    public function reachesIn(CarAction $action): bool
    {
        return $action->volts > 0.0;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new SupplyWork($workshop->equipment(BenchLoad::class)->ohms))->feed($car, $action);
    }
}
