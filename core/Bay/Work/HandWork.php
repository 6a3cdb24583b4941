<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Action\Provoke;
use Lernfall\Bay\Action\SecureStep;
use Lernfall\Bay\Action\TurnWheel;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CarState;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Footing;
use Lernfall\Bay\Hands;
use Lernfall\Bay\Ignition;
use Lernfall\Bay\Prediction;
use Lernfall\Bay\Provoked;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** What hands do that is no measuring and no repair. */
final readonly class HandWork
{
    public function __construct(private Hands $hands)
    {
    }

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

    /**
     * Joining a plug again wipes its pins: a poor contact may be gone, and the evidence with it.
     *
     * @return list<Branch>
     */
    public function join(Car $car, string $plug): array
    {
        $notes = $plug === $car->vehicle->module->plugId && $car->state->isPowered() ? ['module-plug-live'] : [];
        $joined = $car->in($car->state->plugJoined($plug));
        $branches = [];
        foreach (Crossroads::of($joined, $car->state->isOpen($plug) ? $this->wipes($car, $plug) : []) as [$weight, $state, $outcomes]) {
            $branches[] = new Branch($weight, Harm::done($this->wiped($joined, $plug, array_keys(array_filter($outcomes)))->in($state)), Prediction::of('done', [], $notes));
        }

        return $branches;
    }

    /** @return array<string, float> chance by event, one for every corroded pin of the plug */
    private function wipes(Car $car, string $plugId): array
    {
        $joins = $car->state->asked["join $plugId"] ?? 0;
        $chances = [];
        foreach (self::plugs($car->vehicle, $plugId) as [$channel, $plug]) {
            foreach ($plug->contacts as $conductor => $contact) {
                if ($contact->corroded) {
                    $event = "wiped.$channel->id.{$plug->name()}.$conductor@$joins";
                    $chances[$event] = $car->deviations->chance($event, $this->hands->wipesContact);
                }
            }
        }

        return $chances;
    }

    /**
     * Wiped pins conduct again, and stay as green as they were. A catch that was not home is now.
     *
     * @param  list<string>  $events
     */
    private function wiped(Car $car, string $plugId, array $events): Car
    {
        $vehicle = $car->vehicle;
        foreach (self::plugs($car->vehicle, $plugId) as [$channel, $plug]) {
            $sound = $car->sound->channel($channel->id)->plug($plug->name());
            $vehicle = $vehicle->withChannel($channel->inEveryState(static function (Channel $state) use ($plug, $sound, $events): Channel {
                $here = $state->plug($plug->name());
                foreach ($events as $event) {
                    [, $id, $name, $conductor] = explode('.', explode('@', $event)[0]);
                    if ($id === $state->id && $name === $plug->name()) {
                        $here = $here->withContact($conductor, new Contact($sound->contacts[$conductor]->ohms, corroded: true));
                    }
                }

                return $state->withLink($here->latched ? $here : $sound);
            }));
        }

        return $car->withVehicle($vehicle);
    }

    /** @return list<array{Channel, Plug}> the channels that run through a housing */
    private static function plugs(Vehicle $vehicle, string $plugId): array
    {
        $plugs = [];
        foreach ($vehicle->channels as $channel) {
            foreach ($channel->plugs() as $plug) {
                if ($plug->plugId === $plugId) {
                    $plugs[] = [$channel, ($channel->acting->channel ?? $channel)->plug($plug->name())];
                }
            }
        }

        return $plugs;
    }

    /**
     * The wheel rocked at top and bottom, the ring and the sensor tried by hand.
     *
     * @return list<Branch>
     */
    public function rockWheel(Car $car, string $channelId): array
    {
        if (! $car->state->footing->isSecured()) {
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
        foreach (Crossroads::of($car, [$event => $felt]) as [$weight, $state, $outcomes]) {
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
            ! $car->state->footing->isSafeBeside() => Branch::refused($car, 'unsecured'),
            $provoke->how === Provocation::Vibration && $car->state->ignition !== Ignition::Running => Branch::refused($car, 'engine-off'),
            default => $this->done($car, $car->state->provokedBy(new Provoked($provoke->how, $provoke->channel))),
        };
    }

    /** @return list<Branch> */
    public function turnWheel(Car $car, TurnWheel $turn): array
    {
        return match (true) {
            $turn->turnsPerSecond !== 0.0 && ! $car->state->footing->isSecured() => Branch::refused($car, 'unsecured'),
            $turn->turnsPerSecond !== 0.0 && $car->state->ignition === Ignition::Running => Branch::refused($car, 'engine-running'),
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
