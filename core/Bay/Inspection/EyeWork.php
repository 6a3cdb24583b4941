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
use Lernfall\Vehicle\Provocation;

/**
 * Looking closely. What is overlooked once stays overlooked until something has changed. The words are what an eye that looks carefully makes of it: they
 * weigh as evidence and are what a word on the card is compared with; to be seen is the picture.
 */
final readonly class EyeWork
{
    public function __construct(private Eyes $eyes, private Hands $hands, private Manners $manners)
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
        [$sight, $otherwise, $event, $chance] = $this->event($car, $look);
        $blemish = self::BLEMISHES[$look->at->value] ?? '';
        $marked = "blemish.$look->channel.{$look->at->value}";
        $manner = self::named($look->manner);
        $rubs = $look->at === Sight::Cable ? $this->rubbing($car, $look->channel, $look->manner) : null;
        $chances = ($rubs === null ? [] : ["rubs.$look->channel@{$rubs[0]}$manner" => $rubs[1]]) + [$event => $chance] + ($blemish === '' ? [] : [$marked => $car->deviations->chance($marked, $this->eyes->blemish)]);
        $branches = [];
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $seen = ['sight' => CategoryFeature::certain($outcomes[$event] ? $sight : $otherwise)];
            if ($rubs !== null) {
                $seen['rubbing'] = CategoryFeature::certain($outcomes["rubs.$look->channel@{$rubs[0]}$manner"] ? $rubs[0] : 'runs-clear');
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
    private function rubbing(Car $car, string $channel, Manner $manner): ?array
    {
        $held = $car->state->connections->provoked?->how;
        if (! in_array($held, [Provocation::SteeringLeft, Provocation::SteeringRight], true)) {
            return null;
        }
        $loom = $car->channel($channel)->cable('loom');
        $touches = $loom->misrouted && ! $car->state->lift->raised;

        return ['touches-'.($loom->rubsOn === '' ? 'something' : $loom->rubsOn), $touches ? (new Glance($manner, $this->manners))->notices($car, "$channel.rubbing", $this->eyes->ringRaised) : 0.0];
    }

    /**
     * What may come to the eye in this manner. A close look notices all that one in passing has noticed, and one in passing nothing that a close one has not.
     *
     * @return array{string, string, string, float} what there is to see, what is seen otherwise, the event that it comes to the eye, and its chance as far as it was not looked at before
     */
    private function event(Car $car, LookAt $look): array
    {
        [$sight, $otherwise, $closely] = $this->sights($car, $look, Manner::Closely);
        $event = "eye.$look->channel.{$look->at->value}.$sight@".sprintf('%.3f', $closely);
        $passed = $event.self::named(Manner::InPassing);
        [,, $inPassing] = $this->sights($car, $look, Manner::InPassing);
        $settled = $car->state->record->settled;

        return match ($look->manner) {
            Manner::Closely => [$sight, $otherwise, $event, match ($settled[$passed] ?? null) {
                true => 1.0,
                false => ($closely - $inPassing) / (1.0 - $inPassing),
                null => $closely,
            }],
            Manner::InPassing => [$sight, $otherwise, $passed, match ($settled[$event] ?? null) {
                true => $inPassing / $closely,
                false => 0.0,
                null => $inPassing,
            }],
            Manner::FromBehind => [$sight, $otherwise, $event.self::named($look->manner), $this->sights($car, $look, $look->manner)[2]],
        };
    }

    /** @return array{string, string, float} what there is to see, what is seen otherwise, and how surely it is noticed in this manner */
    private function sights(Car $car, LookAt $look, Manner $manner): array
    {
        $glance = new Glance($manner, $this->manners);

        return $look->at->isOfTheWholeCar() ? (new CarSights($this->eyes, $glance))->at($car, $look->at) : (new CornerSights($this->eyes, $glance))->at($car, $look);
    }

    /** Close looks have no name of their own in what a car was given. */
    private static function named(Manner $manner): string
    {
        return $manner === Manner::Closely ? '' : " $manner->value";
    }
}
