<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Chance\Draw;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** What a fault looks like where it can be seen, or in a wheel that is rocked, beside the same place of the same car without it. */
final readonly class PortraitPictures
{
    /** An eye that overlooks it on one car is given another one, so many times. */
    private const CARS = 12;

    /** Below this chance a sound car shows a word for reasons of its own, such as a worn joint. */
    private const USUAL_FROM = 0.05;

    /** A harmless mark says nothing of a fault. */
    private const HARMLESS = 'blemish';

    public function __construct(private Simulator $simulator)
    {
    }

    /** @return list<PicturePair> none where nothing of it is ever to be seen */
    public function of(Fault $fault, Vehicle $sound, string $place): array
    {
        $faulty = $fault->applyTo($sound);
        $pairs = [];
        foreach (PortraitLooks::of($sound, $place) as [$before, $look]) {
            $at = match (true) {
                $look instanceof LookAt => [$look->channel, $look->at->value],
                $look instanceof RockWheel => [$look->channel, PicturePair::ROCKED],
                default => null,
            };
            $pair = $at !== null && $this->comesToTheEye($faulty, $sound, $before, $look) ? $this->pair($faulty, $sound, $before, $look, ...$at) : null;
            if ($pair !== null) {
                $pairs[$pair->at] ??= $pair;
            }
        }

        return array_values($pairs);
    }

    /** @param  list<CarAction>  $before */
    private function comesToTheEye(Vehicle $faulty, Vehicle $sound, array $before, CarAction $look): bool
    {
        $usual = array_filter($this->words(Car::hypothesis($sound, $sound), $before, $look), static fn (float $chance): bool => $chance >= self::USUAL_FROM);

        return array_diff_key($this->words(Car::hypothesis($faulty, $sound), $before, $look), $usual) !== [];
    }

    /**
     * @param  list<CarAction>  $before
     * @return array<string, float> chance of each word an eye or a hand could come to
     */
    private function words(Car $car, array $before, CarAction $look): array
    {
        foreach ([...self::secured(), ...$before] as $action) {
            $car = Branch::likeliest($this->simulator->predict($car, $action))->car;
        }
        $words = [];
        foreach ($this->simulator->predict($car, $look) as $branch) {
            foreach ($branch->prediction->features as $name => $feature) {
                if ($feature instanceof CategoryFeature && $name !== self::HARMLESS) {
                    $words[$feature->likeliest()] = ($words[$feature->likeliest()] ?? 0.0) + $branch->weight;
                }
            }
        }

        return $words;
    }

    /** @return list<CarAction> */
    private static function secured(): array
    {
        return [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)];
    }

    /** @param  list<CarAction>  $before */
    private function pair(Vehicle $faulty, Vehicle $sound, array $before, CarAction $look, string $channel, string $at): ?PicturePair
    {
        for ($car = 1; $car <= self::CARS; $car++) {
            $usual = $this->seen(Car::true($sound, $sound, "portrait $car"), $before, $look);
            $shown = $this->seen(Car::true($faulty, $sound, "portrait $car"), $before, $look);
            $word = self::differing($shown, $usual);
            if ($usual->picture !== null && $shown->picture !== null && $word !== null) {
                return new PicturePair($channel, $at, $word, $usual->picture, $shown->picture);
            }
        }

        return null;
    }

    private static function differing(Observation $shown, Observation $usual): ?string
    {
        foreach ($shown->values as $name => $word) {
            if (is_string($word) && $name !== self::HARMLESS && $word !== ($usual->values[$name] ?? null)) {
                return $word;
            }
        }

        return null;
    }

    /** @param  list<CarAction>  $before */
    private function seen(Car $car, array $before, CarAction $look): Observation
    {
        $noise = new Draw('portrait');
        foreach ([...self::secured(), ...$before] as $action) {
            [$car] = $this->simulator->perform($car, $action, $noise);
        }

        return $this->simulator->perform($car, $look, $noise)[1];
    }
}
