<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Chance\Draw;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** What a fault looks like where it can be seen, beside the same place of the same car without it. */
final readonly class PortraitPictures
{
    /** An eye that overlooks it on one car is given another one, so many times. */
    private const CARS = 12;

    public function __construct(private Simulator $simulator)
    {
    }

    /** @return list<PicturePair> none where nothing of it is ever to be seen */
    public function of(Fault $fault, Vehicle $sound, string $place): array
    {
        $faulty = $fault->applyTo($sound);
        $pairs = [];
        foreach (PortraitLooks::of($sound, $place) as [$before, $look]) {
            $pair = $look instanceof LookAt && $this->comesToTheEye($faulty, $sound, $before, $look) ? $this->pair($faulty, $sound, $before, $look) : null;
            if ($pair !== null) {
                $pairs[$pair->look->at->value] ??= $pair;
            }
        }

        return array_values($pairs);
    }

    /** @param  list<CarAction>  $before */
    private function comesToTheEye(Vehicle $faulty, Vehicle $sound, array $before, LookAt $look): bool
    {
        return array_diff($this->words(Car::hypothesis($faulty, $sound), $before, $look), $this->words(Car::hypothesis($sound, $sound), $before, $look)) !== [];
    }

    /**
     * @param  list<CarAction>  $before
     * @return list<string> that an eye could come to
     */
    private function words(Car $car, array $before, LookAt $look): array
    {
        foreach ([...self::secured(), ...$before] as $action) {
            $car = Branch::likeliest($this->simulator->predict($car, $action))->car;
        }
        $words = [];
        foreach ($this->simulator->predict($car, $look) as $branch) {
            $sight = $branch->prediction->features['sight'] ?? null;
            $words[] = $sight instanceof CategoryFeature ? $sight->likeliest() : '';
        }

        return $words;
    }

    /** @return list<CarAction> */
    private static function secured(): array
    {
        return [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)];
    }

    /** @param  list<CarAction>  $before */
    private function pair(Vehicle $faulty, Vehicle $sound, array $before, LookAt $look): ?PicturePair
    {
        for ($car = 1; $car <= self::CARS; $car++) {
            $usual = $this->seen(Car::true($sound, $sound, "portrait $car"), $before, $look);
            $shown = $this->seen(Car::true($faulty, $sound, "portrait $car"), $before, $look);
            if ($usual->picture !== null && $shown->picture !== null && $shown->word('sight') !== $usual->word('sight')) {
                return new PicturePair($look, $shown->word('sight'), $usual->picture, $shown->picture);
            }
        }

        return null;
    }

    /** @param  list<CarAction>  $before */
    private function seen(Car $car, array $before, LookAt $look): Observation
    {
        $noise = new Draw('portrait');
        foreach ([...self::secured(), ...$before] as $action) {
            [$car] = $this->simulator->perform($car, $action, $noise);
        }

        return $this->simulator->perform($car, $look, $noise)[1];
    }
}
