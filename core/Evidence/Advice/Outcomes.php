<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Feature;
use Lernfall\Bay\NumberFeature;
use Lernfall\Bay\Prediction;
use Lernfall\Bay\Simulator;
use Lernfall\Evidence\Apart;

/** What a trial can show on each of several cars: numbers that no instrument would tell apart are one outcome. */
final readonly class Outcomes
{
    /** Ways less likely than this are left out. */
    private const RARE = 0.02;

    /** Neighbouring numbers further apart than this many of their spreads are told apart. */
    private const DEVIATIONS = 3.0;

    public function __construct(private Simulator $simulator)
    {
    }

    /**
     * @param  list<Car>  $cars
     * @param  list<bool>  $graded  car by car: it is one strength out of many, so its numbers stand for others
     * @param  Car  $sound  the same with nothing wrong
     * @return list<array<string, float>> chance by outcome, car by car
     */
    public function of(Trial $trial, array $cars, array $graded, Car $sound): array
    {
        $known = [];
        $usual = $this->shown($trial, $sound)[0]->prediction;
        $shown = [];
        foreach ($cars as $index => $car) {
            $key = $this->shares($trial, $car);
            $shown[$index] = $known[$key ?? "car $index"] ??= $this->shown($trial, $car);
        }

        return $this->named($shown, $trial, $graded, $usual);
    }

    /**
     * Whether the trial shows the same on all of these cars, as far as their parts tell.
     *
     * @param  list<Car>  $cars
     */
    public function isAlike(Trial $trial, array $cars): bool
    {
        $keys = array_map(fn (Car $car): ?string => $this->shares($trial, $car), $cars);

        return ! in_array(null, $keys, true) && count(array_unique($keys)) < 2;
    }

    /** Cars with the same text show the same at this trial; null where only trying tells. */
    private function shares(Trial $trial, Car $car): ?string
    {
        if (! $car->vehicle->hasChannel($trial->place)) {
            return null;
        }

        return implode(' ', array_map(spl_object_id(...), [
            $car->vehicle->channel($trial->place), $car->vehicle->feed, $car->vehicle->supply, $car->vehicle->module, $car->vehicle->brakeParts,
        ]));
    }

    /** What the trial most likely shows on a car. */
    public function likeliest(Trial $trial, Car $car): Prediction
    {
        return Branch::likeliest($this->shown($trial, $car))->prediction;
    }

    /** @return non-empty-list<Branch> */
    private function shown(Trial $trial, Car $car): array
    {
        $ways = [new Branch(1.0, $car, Prediction::of('nothing'))];
        foreach ($trial->actions() as $action) {
            $next = [];
            foreach ($ways as $way) {
                foreach ($this->simulator->predict($way->car, $action) as $branch) {
                    $next[] = new Branch($way->weight * $branch->weight, $branch->car, $branch->prediction);
                }
            }
            $ways = array_values(array_filter($next, static fn (Branch $branch): bool => $branch->weight >= self::RARE)) ?: [Branch::likeliest($next)];
        }

        return $ways;
    }

    /**
     * @param  array<int, non-empty-list<Branch>>  $shown  car by car
     * @param  list<bool>  $graded
     * @return list<array<string, float>>
     */
    private function named(array $shown, Trial $trial, array $graded, Prediction $usual): array
    {
        $bins = $this->bins($shown);
        $outcomes = [];
        foreach ($shown as $index => $ways) {
            $total = array_sum(array_map(static fn (Branch $way): float => $way->weight, $ways));
            $chances = [];
            foreach ($ways as $way) {
                $name = $this->name($way->prediction, $trial, $bins, $graded[$index] ? $usual : null);
                $chances[$name] = ($chances[$name] ?? 0.0) + $way->weight / $total;
            }
            $outcomes[] = $chances;
        }

        return $outcomes;
    }

    /**
     * @param  array<string, list<float>>  $bins  upper ends by feature
     * @param  ?Prediction  $usual  of a sound car, where a number that differs from it could as well differ more or less
     */
    private function name(Prediction $prediction, Trial $trial, array $bins, ?Prediction $usual): string
    {
        $words = ["$prediction->kind$prediction->refusal"];
        foreach ($prediction->features as $feature => $value) {
            if ($trial->features !== [] && ! in_array((string) $feature, $trial->features, true)) {
                continue;
            }
            if ($value instanceof CategoryFeature) {
                $words[] = $value->likeliest();
            } elseif ($value instanceof NumberFeature) {
                $words[] = $this->level($value, $bins[(string) $feature] ?? [], $usual->features[$feature] ?? null);
            }
        }

        return implode(' ', $words);
    }

    /** @param  list<float>  $ends */
    private function level(NumberFeature $value, array $ends, ?Feature $usual): string
    {
        return match (true) {
            $value->overload => 'overload',
            $usual instanceof NumberFeature && ! $usual->overload && Apart::predictions($value, $usual) => $value->mean > $usual->mean ? 'more' : 'less',
            default => (string) count(array_filter($ends, static fn (float $end): bool => $value->mean > $end)),
        };
    }

    /**
     * Where numbers lie so far apart that they are told apart.
     *
     * @param  array<int, non-empty-list<Branch>>  $shown
     * @return array<string, list<float>> upper ends of the bins by feature, the last one left out
     */
    private function bins(array $shown): array
    {
        $numbers = [];
        foreach ($shown as $ways) {
            foreach ($ways as $way) {
                foreach ($way->prediction->features as $feature => $value) {
                    if ($value instanceof NumberFeature && ! $value->overload) {
                        $numbers[(string) $feature][] = [$value->mean, $value->spread()];
                    }
                }
            }
        }

        return array_map(static function (array $list): array {
            sort($list);
            $ends = [];
            for ($index = 1; $index < count($list); $index++) {
                if ($list[$index][0] - $list[$index - 1][0] > self::DEVIATIONS * hypot($list[$index][1], $list[$index - 1][1])) {
                    $ends[] = ($list[$index][0] + $list[$index - 1][0]) / 2.0;
                }
            }

            return $ends;
        }, $numbers);
    }
}
