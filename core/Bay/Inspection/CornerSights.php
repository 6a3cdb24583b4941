<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Car\Car;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\Wire;

/** What there is to see at the places of one corner. */
final readonly class CornerSights
{
    public function __construct(private Eyes $eyes, private Glance $glance)
    {
    }

    /** @return array{string, string, float} what there is to see, what is seen otherwise, and how surely it is noticed */
    public function at(Car $car, LookAt $look): array
    {
        // damage is there to be seen whether it acts at the moment or not
        $channel = $car->actingChannel($look->channel) ?? $car->channel($look->channel);

        return match ($look->at) {
            Sight::Ring => $this->ring($car, $channel),
            Sight::Film => $this->film($car, $channel),
            Sight::Gap => ['gap-wide', 'gap-usual', $this->gap($car, $channel)],
            Sight::Tip => $this->tip($car, $channel),
            Sight::Cable => $this->cable($car, $channel),
            Sight::SensorPlug => $this->plug($car, $channel, 'sensor-plug'),
            Sight::BodyPlug => $this->plug($car, $channel, 'body-plug'),
            Sight::Linings => $this->linings($car, $channel->id),
            Sight::BrakeLine => ['line-wet', 'line-dry', $car->vehicle->unit()->hydraulics->lineTo($channel->id)->leakFlow > 0.0 ? $this->glance->notices($car, "$channel->id.brake-line", $this->eyes->corrosion) : 0.0],
            Sight::ModulePlug => $this->plug($car, $channel, 'module-plug'),
            default => $this->tyre($car, $channel),
        };
    }

    /** @return array{string, string, float} */
    private function linings(Car $car, string $wheel): array
    {
        $brake = $car->vehicle->unit()->hydraulics->lineTo($wheel)->brake;
        $built = $car->sound->unit()->hydraulics->lineTo($wheel)->brake;

        return match (true) {
            $brake->worn > 0.0 => ['linings-thin', 'linings-usual', $this->glance->notices($car, "$wheel.linings", $this->eyes->corrosion)],
            $brake->newtonMetresPerBar < $built->newtonMetresPerBar => ['linings-oily', 'linings-usual', $this->glance->notices($car, "$wheel.linings", $this->eyes->faintCorrosion)],
            default => ['linings-thin', 'linings-usual', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function tip(Car $car, Channel $channel): array
    {
        $part = $car->state->sensorOf($channel->id);

        return match (true) {
            $channel->sensor->isStruck() => ['tip-struck', 'tip-clean', $this->glance->notices($car, "$part.struck", $this->eyes->corrosion)],
            $channel->sensor->isForeign() => ['other-part', 'tip-clean', $this->glance->notices($car, "$part.part", $this->eyes->corrosion)],
            $channel->wheelEnd->tipDust > 0.0 => ['tip-dusty', 'tip-clean', $this->glance->notices($car, "$part.tip", $this->eyes->corrosion)],
            default => ['tip-dusty', 'tip-clean', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function tyre(Car $car, Channel $channel): array
    {
        $end = $channel->wheelEnd;

        return match (true) {
            $end->tyreFactor !== 1.0 => ['tyre-other-size', 'tyre-as-built', $this->glance->notices($car, "$channel->id.tyre", $this->eyes->corrosion)],
            $end->tyreSoft > 0.0 => ['tyre-soft', 'tyre-as-built', $this->glance->notices($car, "$channel->id.tyre", $this->eyes->corrosion)],
            default => ['tyre-other-size', 'tyre-as-built', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function ring(Car $car, Channel $channel): array
    {
        $ring = $channel->wheelEnd->ring;
        $turns = $car->state->wheels->turnsOf($channel->id) !== 0.0;
        $sight = match (true) {
            $ring->damage->missingTeeth > 0 => $ring->isEncoder ? 'encoder-scratched' : 'tooth-missing',
            $ring->damage->chippedTeeth > 0 => $ring->isEncoder ? '' : 'tooth-chipped',
            $ring->damage->crackPitches > 0.0 => 'ring-cracked',
            $ring->damage->dirt > 0.0 => 'ring-packed',
            $ring->damage->liftMetres > 0.0 => 'ring-lifted',
            $ring->damage->swollen > 0.0 => 'ring-swollen',
            // a wobble shows while the wheel turns
            ($ring->damage->runoutMetres > 0.0) && $turns => 'ring-wobbles',
            default => '',
        };
        if ($sight === '') {
            return ['tooth-missing', 'teeth-even', 0.0];
        }
        $raised = $car->state->lift->raised;

        return [$sight, 'teeth-even', $this->glance->notices(
            $car,
            "$channel->id.ring.".($raised ? 'raised' : 'floor'),
            $raised ? $this->eyes->ringRaised : $this->eyes->ringOnTheFloor,
        )];
    }

    /** @return array{string, string, float} */
    private function film(Car $car, Channel $channel): array
    {
        $ring = $channel->wheelEnd->ring;
        if (! $ring->isEncoder) {
            return ['film-blank', 'film-blank', 1.0];
        }

        return ['poles-gone', 'poles-even', $ring->damage->missingTeeth > 0 ? $this->glance->notices($car, "$channel->id.film", $this->eyes->corrosion) : 0.0];
    }

    private function gap(Car $car, Channel $channel): float
    {
        $limit = $car->vehicle->model->dataSheet[$channel->place->axle]->greatestGapMetres * $this->eyes->gapStrikesAbove;

        return $this->glance->notices($car, "$channel->id.gap.at-all", 1.0) * $car->deviations->chanceThat(
            $car->deviation("eye.$channel->id.gap"),
            fn (float $deviation): bool => $channel->wheelEnd->gapMetres > $limit * (1.0 + $this->eyes->gapSpread * $deviation),
        );
    }

    /** @return array{string, string, float} */
    private function cable(Car $car, Channel $channel): array
    {
        $chafed = false;
        $taped = false;
        foreach ($channel->links as $link) {
            if ($link instanceof Cable) {
                $chafed = $chafed || $link->bridgeOhms !== null || array_filter($link->wires, static fn (Wire $wire): bool => $wire->leaks !== []) !== [];
                $taped = $taped || $link->taped;
            }
        }

        return match (true) {
            $taped => ['taped', 'sheath-sound', 1.0],
            $chafed => ['chafed', 'sheath-sound', $this->glance->notices($car, "$channel->id.cable", $this->eyes->chafe)],
            ! $channel->isTwisted() => ['mended-untwisted', 'sheath-sound', $this->glance->notices($car, "$channel->id.cable", $this->eyes->chafe)],
            default => ['chafed', 'sheath-sound', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function plug(Car $car, Channel $channel, string $name): array
    {
        $plug = $channel->plug($name);
        if (! $plug->latched) {
            return ['catch-open', 'plug-joined-sound', $this->glance->notices($car, "$channel->id.$name.catch", $this->eyes->corrosion)];
        }
        if (! $car->state->isOpen($plug->plugId)) {
            return ['plug-joined-sound', 'plug-joined-sound', 1.0];
        }
        if (array_filter($plug->contacts, static fn (Contact $contact): bool => ! $contact->touches) !== []) {
            return ['pin-sits-back', 'pins-clean', $this->glance->notices($car, "$channel->id.$name.back", $this->eyes->corrosion)];
        }
        if ($plug->crossed || $plug->input !== '') {
            return ['colours-crossed', 'pins-clean', $this->glance->notices($car, "$channel->id.$name.crossed", $this->eyes->faintCorrosion)];
        }
        $corroded = array_filter($plug->contacts, static fn (Contact $contact): bool => $contact->corroded);
        if ($corroded === []) {
            return ['pins-green', 'pins-clean', 0.0];
        }
        $worst = max(array_map(static fn (Contact $contact): float => $contact->ohms, $corroded));

        return ['pins-green', 'pins-clean', $this->glance->notices(
            $car,
            "$channel->id.$name",
            $worst < $this->eyes->faintBelowOhms ? $this->eyes->faintCorrosion : $this->eyes->corrosion,
        )];
    }
}
