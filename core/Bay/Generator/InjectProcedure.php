<?php

declare(strict_types=1);

namespace Lernfall\Bay\Generator;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Circuit\InjectedAt;
use Lernfall\Circuit\Injection;
use Lernfall\Document\Node;

/**
 * A signal generator on the loom side of an open sensor plug.
 *
 * @extends BaseCarProcedure<Inject>
 */
final readonly class InjectProcedure extends BaseCarProcedure
{
    private const GREATEST_HERTZ = 5000.0;

    private const GREATEST_AMPERES = 0.03;

    private const GREATEST_VOLTS = 15.0;

    public function name(): string
    {
        return 'inject';
    }

    public function tool(): string
    {
        return 'generator';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Connect a signal generator to the loom side of an open sensor plug, or turn its knobs; 0 hertz takes it off')
            ->with('channel', Setting::text())
            ->with('shape', Setting::choice(InjectedShape::class))
            ->with('hertz', Setting::within([0.0, self::GREATEST_HERTZ]))
            ->with('amplitude', Setting::within([0.0, self::GREATEST_VOLTS], 'Volts, or amperes for a current'))
            ->orWith('at', Setting::choice(InjectedAt::class, 'Where a sine goes: across the pair, or from one pin to the body; left out, across the pair'));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'shape' => 'sine', 'hertz' => 120.0, 'amplitude' => 0.4];
    }

    public function decode(Node $node): Action
    {
        return new Inject(
            $node->text('channel'), $node->choice('shape', InjectedShape::class), $node->float('hertz'), $node->float('amplitude'),
            $node->has('at') ? $node->choice('at', InjectedAt::class) : InjectedAt::Pair,
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
        SettingRange::between('hertz', $action->hertz, [0.0, self::GREATEST_HERTZ]);
        SettingRange::between('amplitude', $action->amplitude, [0.0, $action->shape === InjectedShape::Current ? self::GREATEST_AMPERES : self::GREATEST_VOLTS]);
    }

    public function reachesIn(CarAction $action): bool
    {
        return $action->hertz > 0.0;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $connections = $car->state->connections;
        if ($action->hertz <= 0.0) {
            return Branch::only($car->in($car->state->withConnections($connections->with(null))), Prediction::of('done'));
        }
        $plug = $car->vehicle->channel($action->channel)->plugs()[0];
        $injection = new Injection($action->channel, $action->shape->value, $action->hertz, $action->amplitude, $action->at);

        return match (true) {
            ! $car->state->isOpen($plug->plugId) => Branch::refused($car, Refusal::PlugJoined),
            $car->state->key->isRunning() => Branch::refused($car, Refusal::EngineRunning),
            default => Branch::only($car->in($car->state->withConnections($connections->with($injection, $plug->plugId))), Prediction::of('done')),
        };
    }
}
