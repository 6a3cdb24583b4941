<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Car\SeizedSensor;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Inspection\Appearance\Appearances;
use Lernfall\Bay\Inspection\Appearance\Scene;
use Lernfall\Vehicle\Cable;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Wire;

/**
 * Looking closely. What is overlooked once stays overlooked until something has changed. The words are what an eye that looks carefully makes of it: they
 * weigh as evidence and are what a word on the card is compared with; to be seen is the picture.
 */
final readonly class EyeWork
{
    public function __construct(private Eyes $eyes, private Hands $hands)
    {
    }

    /** Harmless things that are to be seen on any car that has been on the road, by the place looked at. */
    private const BLEMISHES = ['ring' => 'surface-rust', 'cable' => 'scuffed-sleeve', 'sensor-plug' => 'road-dirt', 'ground' => 'dull-paint'];

    /** @return non-empty-list<Branch> */
    public function look(Car $car, LookAt $look): array
    {
        if (! $car->state->lift->isSafeBeside() || ($look->at->needsFreeWheel() && ! $car->state->lift->isSecured())) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $drawn = $look->at === Sight::Tip ? [$look->channel] : [];
        if ($look->asks && SeizedSensor::sits($car, $drawn)) {
            return Branch::refused($car, Refusal::SitsFast);
        }
        $branches = [];
        foreach (SeizedSensor::drawn($car, $drawn, $this->hands->breaksSeized) as [$weight, $after, $came]) {
            array_push($branches, ...$this->seen($weight, $after, $look, Note::ofDrawing($came)));
        }

        return $branches;
    }

    /**
     * @param  list<Note>  $notes
     * @return non-empty-list<Branch>
     */
    private function seen(float $share, Car $car, LookAt $look, array $notes): array
    {
        [$sight, $otherwise, $chance] = $look->at->isOfTheWholeCar() ? (new CarSights($this->eyes))->at($car, $look->at) : $this->corner($car, $look);
        $event = "eye.$look->channel.{$look->at->value}.$sight@".sprintf('%.3f', $chance);
        $blemish = self::BLEMISHES[$look->at->value] ?? '';
        $marked = "blemish.$look->channel.{$look->at->value}";
        $rubs = $look->at === Sight::Cable ? $this->rubbing($car, $look->channel) : null;
        $chances = ($rubs === null ? [] : ["rubs.$look->channel@{$rubs[0]}" => $rubs[1]]) + [$event => $chance] + ($blemish === '' ? [] : [$marked => $car->deviations->chance($marked, $this->eyes->blemish)]);
        $branches = [];
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $seen = ['sight' => CategoryFeature::certain($outcomes[$event] ? $sight : $otherwise)];
            if ($rubs !== null) {
                $seen['rubbing'] = CategoryFeature::certain($outcomes["rubs.$look->channel@{$rubs[0]}"] ? $rubs[0] : 'runs-clear');
            }
            if ($blemish !== '') {
                $seen['blemish'] = CategoryFeature::certain($outcomes[$marked] ? $blemish : 'no-blemish');
            }
            $there = $car->in($state);
            $picture = $car->isHypothesis() ? null : Appearances::of(new Scene(
                $there, $look, $seen['sight']->likeliest(), ($seen['rubbing'] ?? null)?->likeliest() ?? '', ($seen['blemish'] ?? null)?->likeliest() === $blemish && $blemish !== '',
            ));
            $branches[] = new Branch($share * $weight, $there, Prediction::of('sight', $seen, $notes)->showing($picture));
        }

        return $branches;
    }

    /**
     * What the cable touches with the steering at its lock; at full droop its reach misleads, so that it has to be watched at
     * ride height.
     *
     * @return ?array{string, float} what it touches and how surely that is noticed; null where nobody holds the steering
     */
    private function rubbing(Car $car, string $channel): ?array
    {
        $held = $car->state->connections->provoked?->how;
        if (! in_array($held, [Provocation::SteeringLeft, Provocation::SteeringRight], true)) {
            return null;
        }
        $loom = $car->channel($channel)->cable('loom');
        $touches = $loom->misrouted && ! $car->state->lift->raised;

        return ['touches-'.($loom->rubsOn === '' ? 'something' : $loom->rubsOn), $touches ? $this->notices($car, "$channel.rubbing", $this->eyes->ringRaised) : 0.0];
    }

    /** @return array{string, string, float} what there is to see, what is seen otherwise, and how surely it is noticed */
    private function corner(Car $car, LookAt $look): array
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
            Sight::BrakeLine => ['line-wet', 'line-dry', $car->vehicle->unit()->hydraulics->lineTo($channel->id)->leakFlow > 0.0 ? $this->notices($car, "$channel->id.brake-line", $this->eyes->corrosion) : 0.0],
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
            $brake->worn > 0.0 => ['linings-thin', 'linings-usual', $this->notices($car, "$wheel.linings", $this->eyes->corrosion)],
            $brake->newtonMetresPerBar < $built->newtonMetresPerBar => ['linings-oily', 'linings-usual', $this->notices($car, "$wheel.linings", $this->eyes->faintCorrosion)],
            default => ['linings-thin', 'linings-usual', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function tip(Car $car, Channel $channel): array
    {
        $part = $car->state->sensorOf($channel->id);

        return match (true) {
            $channel->sensor->isStruck() => ['tip-struck', 'tip-clean', $this->notices($car, "$part.struck", $this->eyes->corrosion)],
            $channel->sensor->isForeign() => ['other-part', 'tip-clean', $this->notices($car, "$part.part", $this->eyes->corrosion)],
            $channel->wheelEnd->tipDust > 0.0 => ['tip-dusty', 'tip-clean', $this->notices($car, "$part.tip", $this->eyes->corrosion)],
            default => ['tip-dusty', 'tip-clean', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function tyre(Car $car, Channel $channel): array
    {
        $end = $channel->wheelEnd;

        return match (true) {
            $end->tyreFactor !== 1.0 => ['tyre-other-size', 'tyre-as-built', $this->notices($car, "$channel->id.tyre", $this->eyes->corrosion)],
            $end->tyreSoft > 0.0 => ['tyre-soft', 'tyre-as-built', $this->notices($car, "$channel->id.tyre", $this->eyes->corrosion)],
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

        return [$sight, 'teeth-even', $this->notices(
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

        return ['poles-gone', 'poles-even', $ring->damage->missingTeeth > 0 ? $this->notices($car, "$channel->id.film", $this->eyes->corrosion) : 0.0];
    }

    private function gap(Car $car, Channel $channel): float
    {
        $limit = $car->vehicle->model->dataSheet[$channel->place->axle]->greatestGapMetres * $this->eyes->gapStrikesAbove;

        return $car->deviations->chanceThat(
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
            $chafed => ['chafed', 'sheath-sound', $this->notices($car, "$channel->id.cable", $this->eyes->chafe)],
            ! $channel->isTwisted() => ['mended-untwisted', 'sheath-sound', $this->notices($car, "$channel->id.cable", $this->eyes->chafe)],
            default => ['chafed', 'sheath-sound', 0.0],
        };
    }

    /** @return array{string, string, float} */
    private function plug(Car $car, Channel $channel, string $name): array
    {
        $plug = $channel->plug($name);
        if (! $plug->latched) {
            return ['catch-open', 'plug-joined-sound', $this->notices($car, "$channel->id.$name.catch", $this->eyes->corrosion)];
        }
        if (! $car->state->isOpen($plug->plugId)) {
            return ['plug-joined-sound', 'plug-joined-sound', 1.0];
        }
        if (array_filter($plug->contacts, static fn (Contact $contact): bool => ! $contact->touches) !== []) {
            return ['pin-sits-back', 'pins-clean', $this->notices($car, "$channel->id.$name.back", $this->eyes->corrosion)];
        }
        if ($plug->crossed || $plug->input !== '') {
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
