<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Module\Memory;
use Lernfall\Vehicle\BrakeParts;

/**
 * Presses the brake pedal some times. The module sees it by its stop-lamp switch alone.
 *
 * @extends BaseCarProcedure<PressPedal>
 */
final readonly class PressPedalProcedure extends BaseCarProcedure
{
    private const PRESSES = [1.0, 30.0];

    private const SECONDS = [0.5, 20.0];

    public function name(): string
    {
        return 'press-pedal';
    }

    public function observations(): array
    {
        return ['pressed'];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Press the brake pedal some times')
            ->with('times', Setting::integer())
            ->with('seconds', Setting::number('in which all presses come'));
    }

    public function example(): array
    {
        return ['times' => 8, 'seconds' => 3.0];
    }

    public function decode(Node $node): Action
    {
        return new PressPedal($node->int('times'), $node->float('seconds'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::between('times', $action->times, self::PRESSES);
        SettingRange::between('seconds', $action->seconds, self::SECONDS);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $rules = $car->vehicle->module->lampCodes;
        $session = $car->state->session;
        $state = $car->state->withSession($session->pressed($action->times));
        if ($rules === null || ! $session->connectorOpen || ! $car->modulePowered() || ! $car->vehicle->brakeParts->isSound(BrakeParts::STOP_LAMP_SWITCH)) {
            return Branch::only($car->in($state), Prediction::of('pressed'));
        }
        $check = $rules->check;

        return Branch::only($car->in(match (true) {
            $session->checkMode => $check !== null && $session->presses + $action->times >= $check->leavesAfterPresses ? $state->withSession($state->session->leftCheckMode()) : $state,
            $check !== null && $car->state->key->isRunning() && $session->presses === 0 && $action->times === $check->presses && $action->seconds <= $check->withinSeconds => $state->withSession($session->checking()),
            $rules->clearing->clearPresses > 0 && $action->times >= $rules->clearing->clearPresses && $action->seconds <= $rules->clearing->clearWithinSeconds => $state->remembering(Memory::empty()),
            default => $state,
        }), Prediction::of('pressed'));
    }
}
