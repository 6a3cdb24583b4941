<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\SeriesFeature;
use Lernfall\Bay\Contract\TraceFeature;

/**
 * How well what was shown fits what was predicted, as a natural logarithm.
 *
 * A number is taken from a mixture: the normal density around the prediction, a wider one, and a floor spread over
 * everything an instrument can show. Where the hypothesis is one strength of many, a broad density stands for the strengths
 * between, so that a value that happens to be one of the concrete ones proves nothing. Densities are over the number's
 * logarithm (level near zero), so that they have no unit and a floor means the same for ohms and for metres. A word has its
 * predicted chance and the same floor. So no single odd observation kills the truth.
 */
final readonly class Likelihood
{
    private const WIDER = 3.0;

    /** A reading this many standard deviations off teaches nothing about the parts' deviations. */
    private const TEACHES_WITHIN = 4.0;

    /** Left out: they only repeat in detail what the code says, with the module's own spread. */
    private const DETAILS = ['.byte', '.volts', '.own'];

    /** Of the speed a code was set at only whether the car stood or rolled. */
    private const SPEED = '.speed';

    /** Two recordings are alike within this share of their time, and of their greatest speed. */
    private const SAME_SHARE = 0.02;

    private const SAME_SPEED = 0.02;

    private TraceLikeness $traces;

    public function __construct(private Weighing $weighing)
    {
        $this->traces = new TraceLikeness($weighing->scatter->oddity->of('traces'));
    }

    /**
     * @param  ?Strengths  $strengths  null where the prediction is not of one strength out of many
     * @param  ?Answer  $earlier  what the same question was answered before; null where it is new
     * @return array{float, DeviationEstimate}
     */
    public function of(Prediction $predicted, Observation $shown, DeviationEstimate $estimate, ?Strengths $strengths = null, ?Answer $earlier = null): array
    {
        $odd = $this->odd($predicted->kind);
        if ($predicted->refusal !== $shown->refusal || $predicted->kind !== $shown->kind) {
            return [log($odd), $estimate];
        }
        $sum = 0.0;
        foreach ($predicted->features as $name => $feature) {
            if (! array_key_exists($name, $shown->values) || $this->isDetail($predicted->kind, (string) $name)) {
                continue;
            }
            $repeated = $earlier?->repeats((string) $name, $feature) === true ? $this->ofRepetition($earlier, $shown, (string) $name, $feature, $odd) : null;
            if ($repeated !== null) {
                $sum += $repeated;

                continue;
            }
            if ($predicted->kind === 'codes' && str_ends_with((string) $name, self::SPEED)) {
                $sum += $this->ofStanding($feature, $shown->values[$name], $odd);

                continue;
            }
            [$log, $estimate] = $this->ofFeature($feature, $shown, (string) $name, $odd, $estimate, $strengths?->leaveRoom((string) $name, $feature) === true);
            $sum += $log;
        }

        return [max($sum, log($this->weighing->scatter->oddity->ofStep($predicted->kind))), $estimate];
    }

    /** Whether a code was set with the car standing or rolling. */
    private function ofStanding(Feature $predicted, ObservedNumber|ObservedTrace|ObservedSeries|string $shown, float $odd): float
    {
        $isAlike = ! $predicted instanceof NumberFeature || ! $shown instanceof ObservedNumber || ($predicted->mean > 0.0) === ($shown->si > 0.0);

        return $isAlike ? 0.0 : log($odd);
    }

    private function isDetail(string $kind, string $name): bool
    {
        return $kind === 'codes' && array_filter(self::DETAILS, static fn (string $end): bool => str_ends_with($name, $end)) !== [];
    }

    /**
     * Asked again in the same state, parts and eyes answer as before, and only the noise of the instrument is new. That
     * tells nothing among those who expect it; a hypothesis whose answer should have changed is weighed against it. Null where
     * the answers differ by more.
     */
    private function ofRepetition(Answer $earlier, Observation $shown, string $name, Feature $feature, float $odd): ?float
    {
        $before = $earlier->shown->values[$name];
        $now = $shown->values[$name];
        if (! $feature instanceof NumberFeature || ! $before instanceof ObservedNumber || ! $now instanceof ObservedNumber) {
            return $before == $now ? 0.0 : null;
        }
        if ($before->overload || $now->overload) {
            return $before->overload === $now->overload ? 0.0 : null;
        }
        $then = $earlier->predicted->features[$name] ?? null;
        $drift = $then instanceof NumberFeature ? $feature->mean - $then->mean : 0.0;
        $change = $now->si - $before->si - $drift;

        return abs($change) <= self::TEACHES_WITHIN * M_SQRT2 * hypot($feature->noise, $now->resolution)
            ? log($this->mixed($change, sqrt(2.0 * self::noise($feature, $now) + 1e-24), $now, $odd))
            : null;
    }

    /** @return array{float, DeviationEstimate} */
    private function ofFeature(Feature $feature, Observation $shown, string $name, float $odd, DeviationEstimate $estimate, bool $between): array
    {
        $value = $shown->values[$name];

        return match (true) {
            $feature instanceof NumberFeature && $value instanceof ObservedNumber => $this->ofNumber($feature, $value, $odd, $estimate, $between),
            $feature instanceof CategoryFeature && is_string($value) => [$this->ofWord($feature, $value, $odd), $estimate],
            $feature instanceof TraceFeature && $value instanceof ObservedTrace => [$this->traces->log($feature, $value), $estimate],
            $feature instanceof SeriesFeature && $value instanceof ObservedSeries => [$this->ofSeries($feature, $value, $odd), $estimate],
            default => [log($odd), $estimate],
        };
    }

    private function ofWord(CategoryFeature $predicted, string $word, float $odd): float
    {
        return log((1.0 - $odd) * ($predicted->chances[$word] ?? 0.0) + $odd / (1 + count($predicted->chances)));
    }

    /** @return array{float, DeviationEstimate} */
    private function ofNumber(NumberFeature $predicted, ObservedNumber $shown, float $odd, DeviationEstimate $estimate, bool $between): array
    {
        if ($predicted->overload || $shown->overload) {
            return [log(match (true) {
                $predicted->overload && $shown->overload => 1.0 - $odd,
                $shown->overload => $odd / 2.0,
                default => $odd / $this->weighing->scatter->oddSpan,
            }), $estimate];
        }
        [$off, $variance] = $estimate->expected($predicted->sensitivities);
        $noise = self::noise($predicted, $shown);
        $deviation = sqrt($variance + $noise + 1e-24);
        $residual = $shown->si - $predicted->mean - $off;

        return [
            log($between ? $this->withOdd($this->betweenStrengths($predicted, $shown), $odd) : $this->mixed($residual, $deviation, $shown, $odd)),
            ! $between && abs($residual) < self::TEACHES_WITHIN * $deviation ? $estimate->told($predicted->sensitivities, $shown->si - $predicted->mean, $noise) : $estimate,
        ];
    }

    /** The variance that one repetition adds by itself, the steps of the display included. */
    private static function noise(NumberFeature $predicted, ObservedNumber $shown): float
    {
        return $predicted->noise ** 2 + ($predicted->resolution ** 2 + $shown->resolution ** 2) / 24.0;
    }

    /** Density over the number's logarithm, of a normal and a wider one, with the floor. */
    private function mixed(float $residual, float $deviation, ObservedNumber $shown, float $odd): float
    {
        return $this->withOdd(hypot($shown->si, $this->smallest($shown->unit)) * (
            (1.0 - $this->weighing->scatter->wideShare) * self::normal($residual, $deviation)
            + $this->weighing->scatter->wideShare * self::normal($residual, self::WIDER * $deviation)
        ), $odd);
    }

    private function withOdd(float $density, float $odd): float
    {
        return (1.0 - $odd) * $density + $odd / 2.0 / $this->weighing->scatter->oddSpan;
    }

    private function odd(string $kind): float
    {
        return $this->weighing->scatter->oddity->of($kind);
    }

    private function betweenStrengths(NumberFeature $predicted, ObservedNumber $shown): float
    {
        $smallest = $this->smallest($shown->unit);

        return self::normal(asinh($shown->si / $smallest) - asinh($predicted->mean / $smallest), $this->weighing->scatter->betweenSpread);
    }

    private function smallest(string $unit): float
    {
        return $this->weighing->scatter->smallest[$unit] ?? 1.0;
    }

    private static function normal(float $residual, float $deviation): float
    {
        return exp(-0.5 * ($residual / $deviation) ** 2) / ($deviation * sqrt(2.0 * M_PI));
    }

    /** Recordings are compared by how long a wheel seems to stand although it should turn, or turns although it should not. */
    private function ofSeries(SeriesFeature $predicted, ObservedSeries $shown, float $odd): float
    {
        $share = abs(self::standing($predicted->values) - self::standing(array_map(static fn (int $step): float => $step * $shown->resolution, $shown->steps)));
        $ratio = self::greatest(array_map(static fn (int $step): float => $step * $shown->resolution, $shown->steps)) / max(0.1, self::greatest($predicted->values));

        return log($share < self::SAME_SHARE && abs($ratio - 1.0) < self::SAME_SPEED ? 1.0 - $odd : $odd);
    }

    /** @param  list<float>  $values */
    private static function standing(array $values): float
    {
        return $values === [] ? 0.0 : count(array_filter($values, static fn (float $one): bool => $one <= 0.0)) / count($values);
    }

    /** @param  list<float>  $values */
    private static function greatest(array $values): float
    {
        return max([0.0, ...$values]);
    }
}
