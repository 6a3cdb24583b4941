<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Hydraulics\ByHand;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * A helper turns a raised wheel by hand.
 *
 * @extends BaseCarProcedure<TurnWheel>
 */
final readonly class TurnWheelProcedure extends BaseCarProcedure
{
    private const GREATEST_TURNS_PER_SECOND = 3.0;

    private const UNHURRIED_TURNS_PER_SECOND = 0.5;

    public function name(): string
    {
        return 'turn-wheel';
    }

    public function observations(): array
    {
        return ['done', 'turned'];
    }

    public function equipment(): array
    {
        return [OnTheLift::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Have a wheel turned by hand; 0 stops it')
            ->with('channel', Setting::channel())
            ->with('turnsPerSecond', Setting::within([-self::GREATEST_TURNS_PER_SECOND, self::GREATEST_TURNS_PER_SECOND], 'below zero backwards'));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'turnsPerSecond' => 1.5];
    }

    public function decode(Node $node): Action
    {
        return new TurnWheel($node->text('channel'), $node->float('turnsPerSecond'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
        SettingRange::between('turnsPerSecond', $action->turnsPerSecond, [-self::GREATEST_TURNS_PER_SECOND, self::GREATEST_TURNS_PER_SECOND]);
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return match (true) {
            $action->turnsPerSecond !== 0.0 && ! $car->state->lift->isSecured() => Branch::refused($car, Refusal::Unsecured),
            $action->turnsPerSecond !== 0.0 && $car->state->key->isRunning() => Branch::refused($car, Refusal::EngineRunning),
            default => $this->turned($car, $action, $workshop->equipment(OnTheLift::class)),
        };
    }

    /**
     * A hand feels a brake that drags, and does not turn one that holds.
     *
     * @return non-empty-list<Branch>
     */
    private function turned(Car $car, TurnWheel $action, OnTheLift $lift): array
    {
        $brakes = $car->vehicle->brakeParts->unit?->hydraulics;
        if (! isset($brakes->wheels[$action->channel]) || $action->turnsPerSecond === 0.0) {
            return Branch::only($car->in($car->state->turning($action->channel, $action->turnsPerSecond)), Prediction::of('done'));
        }
        $newtonMetres = $brakes->lineTo($action->channel)->brake->freeNewtonMetres();
        $taken = $lift->taken($newtonMetres);

        return Branch::only(
            $lift->byHand($newtonMetres) === ByHand::Held ? $car : $car->in($car->state->turning($action->channel, $action->turnsPerSecond)),
            Prediction::of('turned', ['turns' => new CategoryFeature([
                'does-not-turn' => $taken[ByHand::Held->value], 'turns-hard' => $taken[ByHand::Dragging->value], 'turns-freely' => $taken[ByHand::Free->value],
            ])]),
        );
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return isset($vehicle->brakeParts->unit->hydraulics->wheels[$channel->id])
            ? [CandidateTest::further(
                'turn-wheel', [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)], [new TurnWheel($channel->id, self::UNHURRIED_TURNS_PER_SECOND)], ['turns'],
            )->ofTheUnit()]
            : [];
    }
}
