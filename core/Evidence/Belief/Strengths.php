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
     * @param  array<string, array<string, array<int, float>>>  $means  numbers that each fault shows in its strengths, by family, feature and hypothesis
     * @param  string  $family  of the hypothesis it is asked about, and its number
     */
    private function __construct(private array $fixed, private array $means, private string $family = '', private int $index = -1)
    {
    }

    /**
     * @param  list<Prediction>  $fixed  of the same step, on cars whose faults have no strengths
     * @param  list<array{Hypothesis, int, Prediction}>  $graded  on cars whose faults have, with the number of each hypothesis
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
        foreach ($graded as [$hypothesis, $index, $prediction]) {
            $family = $hypothesis->family();
            foreach (self::numbers($prediction) as $name => $feature) {
                $means[$family][$name][$index] ??= $feature->mean;
            }
        }

        return new self($alone, $means);
    }

    /** The same, asked about one of the hypotheses. */
    public function around(Hypothesis $hypothesis, int $index): self
    {
        return new self($this->fixed, $this->means, $hypothesis->family(), $index);
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

    /** @return list<float> what the same fault shows in its other strengths */
    public function others(string $name): array
    {
        return array_values(array_diff_key($this->means[$this->family][$name] ?? [], [$this->index => 0.0]));
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
