<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Evidence\Belief\Distinguishability;
use Lernfall\Evidence\Belief\TraceLikeness;

/** What a trial shows on several cars, named so that numbers no instrument would tell apart have one name. */
final readonly class OutcomeNames
{
    /** Neighbouring numbers further apart than this many of their spreads are told apart. */
    private const DEVIATIONS = 3.0;

    public function __construct(private Trial $trial)
    {
    }

    /**
     * @param  array<int, non-empty-list<Shown>>  $shown  car by car
     * @param  list<bool>  $graded  car by car: it is one strength out of many, so its numbers stand for others
     * @param  list<Prediction>  $usual  of a sound car, look by look
     * @return list<array<string, float>> chance by outcome, car by car
     */
    public function of(array $shown, array $graded, array $usual): array
    {
        $bins = $this->bins($shown);
        $fixed = $this->fixed(array_intersect_key($shown, array_filter($graded, static fn (bool $one): bool => ! $one)), $bins);
        $outcomes = [];
        foreach ($shown as $index => $ways) {
            $total = array_sum(array_map(static fn (Shown $way): float => $way->weight, $ways));
            $chances = [];
            foreach ($ways as $way) {
                $name = implode(' | ', array_map(
                    fn (Prediction $prediction, int $look): string => $this->name($prediction, $bins[$look] ?? [], $fixed[$look] ?? [], $graded[$index] ? $usual[$look] ?? null : null),
                    $way->predictions, array_keys($way->predictions),
                ));
                $chances[$name] = ($chances[$name] ?? 0.0) + $way->weight / $total;
            }
            $outcomes[] = $chances;
        }

        return $outcomes;
    }

    /**
     * @param  array<string, list<float>>  $bins  upper ends by feature
     * @param  array<string, array<int, true>>  $fixed  bins that some car shows whatever its strength, by feature
     * @param  ?Prediction  $usual  of a sound car, where a number that differs from it could as well differ more or less
     */
    private function name(Prediction $prediction, array $bins, array $fixed, ?Prediction $usual): string
    {
        $words = [$prediction->kind.($prediction->refusal->value ?? '')];
        foreach ($prediction->features as $feature => $value) {
            if ($this->trial->features !== [] && ! in_array((string) $feature, $this->trial->features, true)) {
                continue;
            }
            if ($value instanceof CategoryFeature) {
                $words[] = $value->likeliest();
            } elseif ($value instanceof TraceFeature) {
                $words[] = TraceLikeness::seen($value);
            } elseif ($value instanceof NumberFeature) {
                $words[] = $this->level($value, $bins[(string) $feature] ?? [], $fixed[(string) $feature] ?? [], $usual?->features[$feature] ?? null);
            }
        }

        return implode(' ', $words);
    }

    /**
     * @param  list<float>  $ends
     * @param  array<int, true>  $fixed
     */
    private function level(NumberFeature $value, array $ends, array $fixed, ?Feature $usual): string
    {
        $bin = self::bin($value, $ends);

        return match (true) {
            $value->overload => 'overload',
            ! isset($fixed[$bin]) && $usual instanceof NumberFeature && ! $usual->overload && Distinguishability::predictions($value, $usual) => $value->mean > $usual->mean ? 'more' : 'less',
            default => (string) $bin,
        };
    }

    /** @param  list<float>  $ends */
    private static function bin(NumberFeature $value, array $ends): int
    {
        return count(array_filter($ends, static fn (float $end): bool => $value->mean > $end));
    }

    /**
     * @param  array<int, non-empty-list<Shown>>  $shown  of cars that are not one strength of many
     * @param  array<int, array<string, list<float>>>  $bins  upper ends look by look and by feature
     * @return array<int, array<string, array<int, true>>> the bins they fall into
     */
    private function fixed(array $shown, array $bins): array
    {
        $fixed = [];
        foreach (array_merge(...array_values($shown), ...[[]]) as $way) {
            foreach ($way->predictions as $look => $prediction) {
                foreach ($prediction->features as $feature => $value) {
                    if ($value instanceof NumberFeature && ! $value->overload) {
                        $fixed[$look][(string) $feature][self::bin($value, $bins[$look][(string) $feature] ?? [])] = true;
                    }
                }
            }
        }

        return $fixed;
    }

    /**
     * Where numbers lie so far apart that they are told apart.
     *
     * @param  array<int, non-empty-list<Shown>>  $shown
     * @return array<int, array<string, list<float>>> upper ends of the bins look by look and by feature, the last one left out
     */
    private function bins(array $shown): array
    {
        $numbers = [];
        foreach ($shown as $ways) {
            foreach ($ways as $way) {
                foreach ($way->predictions as $look => $prediction) {
                    foreach ($prediction->features as $feature => $value) {
                        if ($value instanceof NumberFeature && ! $value->overload) {
                            $numbers[$look][(string) $feature][] = [$value->mean, $value->spread()];
                        }
                    }
                }
            }
        }

        return array_map(static fn (array $features): array => array_map(self::ends(...), $features), $numbers);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $list  means and spreads
     * @return list<float>
     */
    private static function ends(array $list): array
    {
        sort($list);
        $ends = [];
        for ($index = 1; $index < count($list); $index++) {
            if ($list[$index][0] - $list[$index - 1][0] > self::DEVIATIONS * hypot($list[$index][1], $list[$index - 1][1])) {
                $ends[] = ($list[$index][0] + $list[$index - 1][0]) / 2.0;
            }
        }

        return $ends;
    }
}
