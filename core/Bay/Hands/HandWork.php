<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\LiftState;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Car\Provoked;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Vehicle\Provocation;

/** What hands do that is no measuring and no repair. */
final readonly class HandWork
{
    public function __construct(private Hands $hands)
    {
    }

    /** @return list<Branch> */
    public function secure(Car $car, SecureStep $step): array
    {
        $lift = $car->state->lift;
        $refusal = match ($step) {
            SecureStep::Raise => $this->raising($car),
            SecureStep::Stand => $lift->raised ? '' : 'not-raised',
            SecureStep::Unchock => $lift->raised ? 'unsecured' : '',
            SecureStep::Chock, SecureStep::Lower => '',
        };

        return $refusal === ''
            ? $this->done($car, $car->state->onLift($this->after($lift, $step)))
            : Branch::refused($car, $refusal);
    }

    /**
     * The wheel rocked at top and bottom, the ring and the sensor tried by hand.
     *
     * @return list<Branch>
     */
    public function rockWheel(Car $car, string $channelId): array
    {
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, 'unsecured');
        }
        $channel = $car->vehicle->channel($channelId);
        $shaken = $channel->acting->channel ?? $channel;
        $play = $channel->bearingPlayMetres;
        $event = sprintf('play.%s@%.6f', $channelId, $play);
        $felt = $car->deviations->chanceThat(
            $car->deviation("eye.$channelId.play"),
            fn (float $deviation): bool => $play > $this->hands->feelsPlayFromMetres * (1.0 + $this->hands->feelSpread * $deviation),
        );
        $branches = [];
        foreach (OutcomeBranching::of($car, [$event => $felt]) as [$weight, $state, $outcomes]) {
            $branches[] = new Branch($weight, $car->in($state), Prediction::of('felt', [
                'play' => CategoryFeature::certain($outcomes[$event] ? 'play-felt' : 'no-play'),
                'ring' => CategoryFeature::certain($channel->ring->loose ? 'ring-turns' : 'ring-firm'),
                'sensor' => CategoryFeature::certain($shaken->gapMetres === $channel->gapMetres ? 'sensor-firm' : 'sensor-moves'),
            ]));
        }

        return $branches;
    }

    /** @return list<Branch> */
    public function provoke(Car $car, Provoke $provoke): array
    {
        return match (true) {
            $provoke->how === null => $this->done($car, $car->state->provokedBy(null)),
            ! $car->state->lift->isSafeBeside() => Branch::refused($car, 'unsecured'),
            $provoke->how === Provocation::Vibration && ! $car->state->key->isRunning() => Branch::refused($car, 'engine-off'),
            $provoke->how === Provocation::Bumps && $car->state->lift->raised => Branch::refused($car, 'raised'),
            default => $this->done($car, $car->state->provokedBy(new Provoked($provoke->how, $provoke->channel))),
        };
    }

    /** @return list<Branch> */
    public function turnWheel(Car $car, TurnWheel $turn): array
    {
        return match (true) {
            $turn->turnsPerSecond !== 0.0 && ! $car->state->lift->isSecured() => Branch::refused($car, 'unsecured'),
            $turn->turnsPerSecond !== 0.0 && $car->state->key->isRunning() => Branch::refused($car, 'engine-running'),
            default => $this->done($car, $car->state->turning($turn->channel, $turn->turnsPerSecond)),
        };
    }

    private function raising(Car $car): string
    {
        return match (true) {
            ! $car->state->lift->chocked => 'unsecured',
            $car->state->key->isRunning() => 'engine-running',
            default => '',
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

    /**
     * @param  list<string>  $notes
     * @return list<Branch>
     */
    private function done(Car $car, CarState $state, array $notes = []): array
    {
        return Branch::only($car->in($state), Prediction::of('done', [], $notes));
    }
}
