<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;

/**
 * Where strengths between the concrete ones leave room for other numbers. A number that some car shows whose fault has no
 * strength (a sound one, one whose sensor is dead) is one that a fault can be cut off at, and stands for itself.
 */
final readonly class Strengths
{
    /**
     * @param  array<string, array<array-key, NumberFeature>>  $fixed  numbers that cars without strengths show, by feature
     * @param  array<string, array<string, array<array-key, float>>>  $means  number that a fault shows, by family, feature and strength
     * @param  ?Hypothesis  $one  it is asked about
     */
    private function __construct(private array $fixed, private array $means, private ?Hypothesis $one = null)
    {
    }

    /** @param  list<array{Hypothesis, Prediction}>  $predicted  of the same step, on all cars that could be there */
    public static function among(array $predicted): self
    {
        $ungraded = array_filter($predicted, static fn (array $one): bool => ! $one[0]->graded);

        return self::beside(array_column($ungraded, 1), array_values(array_diff_key($predicted, $ungraded)));
    }

    /**
     * @param  list<Prediction>  $fixed  of the same step, on cars whose faults have no strengths
     * @param  list<array{Hypothesis, Prediction}>  $graded  on cars whose faults have
     */
    public static function beside(array $fixed, array $graded = []): self
    {
        $alone = [];
        foreach ($fixed as $prediction) {
            foreach (self::numbers($prediction) as $name => $feature) {
                $alone[$name][self::key($feature)] = $feature;
            }
        }
        $means = [];
        foreach ($graded as [$hypothesis, $prediction]) {
            [$family, $strength] = [$hypothesis->family(), $hypothesis->strength()];
            if ($strength === null) {
                continue;
            }
            foreach (self::numbers($prediction) as $name => $feature) {
                $means[$family][$name][(string) $strength] ??= $feature->mean;
            }
        }

        return new self($alone, $means);
    }

    /** The same, asked about one of the hypotheses. */
    public function around(Hypothesis $hypothesis): self
    {
        return new self($this->fixed, $this->means, $hypothesis);
    }

    public function leaveRoom(string $name, Feature $feature): bool
    {
        if ($feature instanceof NumberFeature && isset($this->fixed[$name][self::key($feature)])) {
            return false; // most cars show just what a sound one shows
        }
        foreach ($this->fixed[$name] ?? [] as $one) {
            if (Distinguishability::areAlike($one, $feature)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What the next strengths show on either side of this one.
     *
     * @return array{?float, ?float} the next smaller and the next greater number, this one where the next strength shows the same; null where no strength is known beyond
     */
    public function limits(string $name, float $mean): array
    {
        $here = $this->one?->strength();
        if ($this->one === null || $here === null) {
            return [null, null];
        }
        [$before, $after] = [null, null];
        foreach ($this->means[$this->one->family()][$name] ?? [] as $strength => $number) {
            $away = (float) $strength - $here;
            $before = $away < 0.0 && ($before === null || $away > $before[0]) ? [$away, $number] : $before;
            $after = $away > 0.0 && ($after === null || $away < $after[0]) ? [$away, $number] : $after;
        }
        $limits = [null, null];
        $numbers = array_column(array_filter([$before, $after]), 1);
        foreach ($numbers as $number) {
            $side = $number < $mean ? 0 : 1;
            $limits[$side] = $number === $mean ? $limits[$side] : $limits[$side] ?? $number;
        }

        return in_array($mean, $numbers, true) ? array_map(static fn (?float $limit): float => $limit ?? $mean, $limits) : $limits;
    }

    /** @return array<string, NumberFeature> by name */
    private static function numbers(Prediction $prediction): array
    {
        $numbers = [];
        foreach ($prediction->features as $name => $feature) {
            if ($feature instanceof NumberFeature && ! $feature->overload) {
                $numbers[(string) $name] = $feature;
            }
        }

        return $numbers;
    }

    private static function key(NumberFeature $feature): string
    {
        return "$feature->mean $feature->noise $feature->overload ".implode(' ', $feature->sensitivities);
    }
}
