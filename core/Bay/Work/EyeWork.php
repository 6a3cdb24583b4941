<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Action\LookAt;
use Lernfall\Bay\Action\Sight;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Eyes;
use Lernfall\Bay\Prediction;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;

/** Looking closely. What is overlooked once stays overlooked until something has changed. */
final readonly class EyeWork
{
    public function __construct(private Eyes $eyes)
    {
    }

    /** @return list<Branch> */
    public function look(Car $car, LookAt $look): array
    {
        if (! $car->state->footing->isSafeBeside() || ($look->at === Sight::Tip && ! $car->state->footing->isSecured())) {
            return Branch::refused($car, 'unsecured');
        }
        // damage is there to be seen whether it acts at the moment or not
        $channel = $car->actingChannel($look->channel) ?? $car->channel($look->channel);
        [$sight, $otherwise, $chance] = match ($look->at) {
            Sight::Ring => $this->ring($car, $channel),
            Sight::Gap => ['gap-wide', 'gap-usual', $this->gap($car, $channel)],
            Sight::Tip => ['tip-dusty', 'tip-clean', $channel->tipDust > 0.0 ? $this->notices($car, "{$car->state->sensorOf($channel->id)}.tip", $this->eyes->corrosion) : 0.0],
            Sight::Cable => ['chafed', 'sheath-sound', $this->cable($car, $channel)],
            Sight::SensorPlug => $this->plug($car, $channel, 'sensor-plug'),
            Sight::ModulePlug => $this->plug($car, $channel, 'module-plug'),
        };
        $event = "eye.$look->channel.{$look->at->value}.$sight@".sprintf('%.3f', $chance);
        $branches = [];
        foreach (Crossroads::of($car, [$event => $chance]) as [$weight, $state, $outcomes]) {
            $seen = CategoryFeature::certain($outcomes[$event] ? $sight : $otherwise);
            $branches[] = new Branch($weight, $car->in($state), Prediction::of('sight', ['sight' => $seen]));
        }

        return $branches;
    }

    /** @return array{string, string, float} what there is to see, what is seen otherwise, and how surely it is noticed */
    private function ring(Car $car, Channel $channel): array
    {
        $ring = $channel->ring;
        $sight = match (true) {
            $ring->missingTeeth > 0 => 'tooth-missing',
            $ring->chippedTeeth > 0 => 'tooth-chipped',
            $ring->crackPitches > 0.0 => 'ring-cracked',
            $ring->dirt > 0.0 => 'ring-packed',
            // a wobble shows while the wheel turns
            $ring->runoutMetres > 0.0 && $car->state->turningChannel === $channel->id => 'ring-wobbles',
            default => '',
        };
        if ($sight === '') {
            return ['tooth-missing', 'teeth-even', 0.0];
        }
        $raised = $car->state->footing->raised;

        return [$sight, 'teeth-even', $this->notices(
            $car,
            "$channel->id.ring.".($raised ? 'raised' : 'floor'),
            $raised ? $this->eyes->ringRaised : $this->eyes->ringOnTheFloor,
        )];
    }

    private function gap(Car $car, Channel $channel): float
    {
        $limit = $car->vehicle->dataSheet[$channel->axle]->greatestGapMetres * $this->eyes->gapStrikesAbove;

        return $car->deviations->chanceThat(
            $car->deviation("eye.$channel->id.gap"),
            fn (float $deviation): bool => $channel->gapMetres > $limit * (1.0 + $this->eyes->gapSpread * $deviation),
        );
    }

    private function cable(Car $car, Channel $channel): float
    {
        $chafed = false;
        foreach ($channel->links as $link) {
            if ($link instanceof Cable) {
                $chafed = $chafed || $link->bridgeOhms !== null;
                foreach ($link->wires as $wire) {
                    $chafed = $chafed || $wire->leaks !== [];
                }
            }
        }

        return $chafed ? $this->notices($car, "$channel->id.cable", $this->eyes->chafe) : 0.0;
    }

    /** @return array{string, string, float} */
    private function plug(Car $car, Channel $channel, string $name): array
    {
        $plug = $channel->plug($name);
        if (! $car->state->isOpen($plug->plugId)) {
            return ['plug-joined-sound', 'plug-joined-sound', 1.0];
        }
        if (array_filter($plug->contacts, static fn (Contact $contact): bool => ! $contact->touches) !== []) {
            return ['pin-sits-back', 'pins-clean', $this->notices($car, "$channel->id.$name.back", $this->eyes->corrosion)];
        }
        if ($plug->crossed) {
            return ['colours-crossed', 'pins-clean', $this->notices($car, "$channel->id.$name.crossed", $this->eyes->faintCorrosion)];
        }
        $corroded = array_filter($plug->contacts, static fn (Contact $contact): bool => $contact->corroded);
        if ($corroded === []) {
            return ['pins-green', 'pins-clean', 0.0];
        }
        $worst = max(array_map(static fn (Contact $contact): float => $contact->ohms, $corroded));

        return ['pins-green', 'pins-clean', $this->notices(
            $car,
            "$channel->id.$name",
            $worst < $this->eyes->faintBelowOhms ? $this->eyes->faintCorrosion : $this->eyes->corrosion,
        )];
    }

    private function notices(Car $car, string $what, float $probability): float
    {
        return $car->deviations->chance($car->deviation("eye.$what"), $probability);
    }
}
