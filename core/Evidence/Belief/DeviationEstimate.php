<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/**
 * What readings have told about the deviations of one car's parts and of the instrument.
 *
 * Each deviation is standard normal beforehand and drawn once per car, so a second reading of the same thing finds it
 * where the first has put it: repeating a measurement adds only what its noise takes away. Readings are linear in the
 * deviations, so the posterior stays normal and is carried on by the update of Kalman (1960), "A New Approach to Linear
 * Filtering and Prediction Problems".
 */
final readonly class DeviationEstimate
{
    /**
     * @param  array<string, float>  $means  by deviation; one not in it is 0
     * @param  array<string, array<string, float>>  $covariances  one not in it is 1 with itself and 0 with others
     */
    private function __construct(private array $means, private array $covariances)
    {
    }

    public static function blank(): self
    {
        return new self([], []);
    }

    /**
     * What a reading is expected to lie off its mean, and the variance of that.
     *
     * @param  array<string, float>  $sensitivities  change of the reading by one standard deviation of each deviation
     * @return array{float, float}
     */
    public function expected(array $sensitivities): array
    {
        $mean = 0.0;
        $variance = 0.0;
        foreach ($sensitivities as $name => $sensitivity) {
            $mean += $sensitivity * ($this->means[$name] ?? 0.0);
            foreach ($sensitivities as $other => $otherSensitivity) {
                $variance += $sensitivity * $otherSensitivity * $this->covariance($name, $other);
            }
        }

        return [$mean, max(0.0, $variance)];
    }

    /**
     * After a reading that lay this far off its mean.
     *
     * @param  array<string, float>  $sensitivities
     * @param  float  $noiseVariance  what one repetition adds by itself
     */
    public function told(array $sensitivities, float $off, float $noiseVariance): self
    {
        [$expected, $variance] = $this->expected($sensitivities);
        $total = $variance + $noiseVariance;
        if ($sensitivities === [] || $total <= 0.0) {
            return $this;
        }
        $names = array_unique([...array_keys($this->covariances), ...array_keys($sensitivities)]);
        $gains = [];
        foreach ($names as $name) {
            $shared = 0.0;
            foreach ($sensitivities as $other => $sensitivity) {
                $shared += $sensitivity * $this->covariance($name, $other);
            }
            $gains[$name] = $shared;
        }
        $means = $this->means;
        $covariances = [];
        foreach ($gains as $name => $shared) {
            $means[$name] = ($means[$name] ?? 0.0) + $shared * ($off - $expected) / $total;
            foreach ($gains as $other => $otherShared) {
                $covariances[$name][$other] = $this->covariance($name, $other) - $shared * $otherShared / $total;
            }
        }

        return new self($means, $covariances);
    }

    private function covariance(string $one, string $other): float
    {
        return $this->covariances[$one][$other] ?? ($one === $other ? 1.0 : 0.0);
    }
}
