<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Action\Inject;
use Lernfall\Bay\Action\Provoke;
use Lernfall\Bay\Action\SecureStep;
use Lernfall\Bay\Action\TurnWheel;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CarState;
use Lernfall\Bay\Footing;
use Lernfall\Bay\Ignition;
use Lernfall\Bay\Prediction;
use Lernfall\Bay\Provoked;
use Lernfall\Circuit\Injection;
use Lernfall\Vehicle\Provocation;

/** What hands do that is no measuring and no repair. */
final readonly class HandWork
{
    /** @return list<Branch> */
    public function secure(Car $car, SecureStep $step): array
    {
        $footing = $car->state->footing;
        $refusal = match ($step) {
            SecureStep::Raise => $this->raising($car),
            SecureStep::Stand => $footing->raised ? '' : 'not-raised',
            SecureStep::Unchock => $footing->raised ? 'unsecured' : '',
            SecureStep::Chock, SecureStep::Lower => '',
        };

        return $refusal === ''
            ? $this->done($car, $car->state->standing($this->after($footing, $step)))
            : Branch::refused($car, $refusal);
    }

    /** @return list<Branch> */
    public function unplug(Car $car, string $plug): array
    {
        $notes = $plug === $car->vehicle->module->plugId && $car->state->isPowered() ? ['module-plug-live'] : [];

        $state = $car->state->plugOpened($plug);

        return $this->done($car, $plug === $car->vehicle->module->plugId ? $state->supplying([]) : $state, $notes);
    }

    /** @return list<Branch> */
    public function join(Car $car, string $plug): array
    {
        $notes = $plug === $car->vehicle->module->plugId && $car->state->isPowered() ? ['module-plug-live'] : [];

        return Branch::only(Harm::done($car->in($car->state->plugJoined($plug))), Prediction::of('done', [], $notes));
    }

    /** @return list<Branch> */
    public function inject(Car $car, Inject $inject): array
    {
        if ($inject->hertz <= 0.0) {
            return $this->done($car, $car->state->injected(null));
        }
        $plug = $car->vehicle->channel($inject->channel)->plugs()[0]->plugId;

        return match (true) {
            ! $car->state->isOpen($plug) => Branch::refused($car, 'plug-joined'),
            $car->state->ignition === Ignition::Running => Branch::refused($car, 'engine-running'),
            default => $this->done($car, $car->state->injected(new Injection($inject->channel, $inject->shape->value, $inject->hertz, $inject->amplitude))),
        };
    }

    /** @return list<Branch> */
    public function provoke(Car $car, Provoke $provoke): array
    {
        return match (true) {
            $provoke->how === null => $this->done($car, $car->state->provokedBy(null)),
            ! $car->state->footing->isSafeBeside() => Branch::refused($car, 'unsecured'),
            $provoke->how === Provocation::Vibration && $car->state->ignition !== Ignition::Running => Branch::refused($car, 'engine-off'),
            default => $this->done($car, $car->state->provokedBy(new Provoked($provoke->how, $provoke->channel))),
        };
    }

    /** @return list<Branch> */
    public function turnWheel(Car $car, TurnWheel $turn): array
    {
        return match (true) {
            $turn->turnsPerSecond > 0.0 && ! $car->state->footing->isSecured() => Branch::refused($car, 'unsecured'),
            $turn->turnsPerSecond > 0.0 && $car->state->ignition === Ignition::Running => Branch::refused($car, 'engine-running'),
            default => $this->done($car, $car->state->turning($turn->channel, $turn->turnsPerSecond)),
        };
    }

    private function raising(Car $car): string
    {
        return match (true) {
            ! $car->state->footing->chocked => 'unsecured',
            $car->state->ignition === Ignition::Running => 'engine-running',
            default => '',
        };
    }

    private function after(Footing $footing, SecureStep $step): Footing
    {
        return match ($step) {
            SecureStep::Chock => $footing->chocked(true),
            SecureStep::Unchock => $footing->chocked(false),
            SecureStep::Raise => $footing->raised(),
            SecureStep::Stand => $footing->onStands(),
            SecureStep::Lower => $footing->lowered(),
        };
    }

    /**
     * @param  list<string>  $notes
     * @return list<Branch>
     */
    private function done(Car $car, CarState $state, array $notes = []): array
    {
        return Branch::only($car->in($state), Prediction::of('done', [], $notes));
    }
}
