<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lift;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\LiftState;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;

/**
 * Chocks, jack and stands.
 *
 * @extends BaseCarProcedure<Secure>
 */
final readonly class SecureProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'secure';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Chock, raise, set on stands, lower')
            ->with('step', Setting::choice(SecureStep::class));
    }

    public function example(): array
    {
        return ['step' => 'stand'];
    }

    public function decode(Node $node): Action
    {
        return new Secure($node->choice('step', SecureStep::class));
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $lift = $car->state->lift;
        $refusal = match ($action->step) {
            SecureStep::Raise => $this->raising($car),
            SecureStep::Stand => $lift->raised ? null : Refusal::NotRaised,
            SecureStep::Unchock => $lift->raised ? Refusal::Unsecured : null,
            SecureStep::Chock, SecureStep::Lower => null,
        };

        return $refusal === null
            ? Branch::only($car->in($car->state->onLift($this->after($lift, $action->step))), Prediction::of('done'))
            : Branch::refused($car, $refusal);
    }

    private function raising(Car $car): ?Refusal
    {
        return match (true) {
            ! $car->state->lift->chocked => Refusal::Unsecured,
            $car->state->key->isRunning() => Refusal::EngineRunning,
            default => null,
        };
    }

    private function after(LiftState $lift, SecureStep $step): LiftState
    {
        return match ($step) {
            SecureStep::Chock => $lift->chocked(true),
            SecureStep::Unchock => $lift->chocked(false),
            SecureStep::Raise => $lift->raised(),
            SecureStep::Stand => $lift->onStands(),
            SecureStep::Lower => $lift->lowered(),
        };
    }
}
