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
    /** @param  array<string, array<array-key, NumberFeature>>  $fixed  numbers that cars without strengths show, by feature */
    private function __construct(private array $fixed)
    {
    }

    /** @param  list<Prediction>  $predictions  of the same step, on cars whose faults have no strengths */
    public static function beside(array $predictions): self
    {
        $fixed = [];
        foreach ($predictions as $prediction) {
            foreach ($prediction->features as $name => $feature) {
                if ($feature instanceof NumberFeature && ! $feature->overload) {
                    $fixed[(string) $name][self::key($feature)] = $feature;
                }
            }
        }

        return new self($fixed);
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

    private static function key(NumberFeature $feature): string
    {
        return "$feature->mean $feature->noise $feature->overload ".implode(' ', $feature->sensitivities);
    }
}
