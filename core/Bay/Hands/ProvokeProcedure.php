<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Provoked;
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
use Lernfall\Document\Node;
use Lernfall\Vehicle\Provocation;

/**
 * Provokes a fault while an instrument is watched, or lets go.
 *
 * @extends BaseCarProcedure<Provoke>
 */
final readonly class ProvokeProcedure extends BaseCarProcedure
{
    private const LET_GO = 'nothing';

    public function name(): string
    {
        return 'provoke';
    }

    public function equipment(): array
    {
        return [Hands::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Start to provoke a fault while an instrument is watched, or let go (nothing)')
            ->with('how', Setting::words([self::LET_GO, ...array_map(static fn (Provocation $how): string => $how->value, Provocation::cases())]))
            ->with('channel', Setting::text());
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'how' => 'wiggle-loom'];
    }

    public function decode(Node $node): Action
    {
        return new Provoke($node->text('how') === self::LET_GO ? null : $node->choice('how', Provocation::class), $node->text('channel'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
    }

    public function reachesIn(CarAction $action): bool
    {
        return $action->how !== null && $action->how !== Provocation::Vibration;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return match (true) {
            $action->how === null => Branch::only($car->in($car->state->provokedBy(null)), Prediction::of('done')),
            ! $car->state->lift->isSafeBeside() => Branch::refused($car, Refusal::Unsecured),
            $action->how === Provocation::Vibration && ! $car->state->key->isRunning() => Branch::refused($car, Refusal::EngineOff),
            $action->how === Provocation::Bumps && $car->state->lift->raised => Branch::refused($car, Refusal::Raised),
            default => Branch::only($car->in($car->state->provokedBy(new Provoked($action->how, $action->channel, $action->how === Provocation::Heat ? $workshop->equipment(Hands::class)->warmsByKelvin : 0.0))), Prediction::of('done')),
        };
    }
}
