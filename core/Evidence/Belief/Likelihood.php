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

    /** How much of a predicted change may come otherwise, where the strength is known. Common practice, no source. */
    private const CHANGE_SPREAD = 0.3;

    /** Chance that an answer has changed although it should not have. Common practice, no source. */
    private const UNEXPECTED = 0.05;

    private TraceLikeness $traces;

    private SeriesLikeness $series;

    public function __construct(private Weighing $weighing)
    {
        $this->series = new SeriesLikeness;
        $this->traces = new TraceLikeness($weighing->scatter->oddity->of('traces'));
    }

    /**
     * @param  ?Strengths  $strengths  null where the prediction is not of one strength out of many
     * @param  ?EarlierAnswers  $earlier  to the same question; null where it is new
     * @return array{float, DeviationEstimate}
     */
    public function of(Prediction $predicted, Observation $shown, DeviationEstimate $estimate, ?Strengths $strengths = null, ?EarlierAnswers $earlier = null): array
    {
        $odd = $this->odd($predicted->kind);
        if ($predicted->refusal !== $shown->refusal || $predicted->kind !== $shown->kind) {
            return [log($odd), $estimate];
        }
        $sum = 0.0;
        $ofCodes = $predicted->kind === 'codes';
        foreach ($predicted->features as $name => $feature) {
            if (! array_key_exists($name, $shown->values) || $ofCodes && self::isDetail((string) $name)) {
                continue;
            }
            if ($earlier?->areRepeated((string) $name, $feature, $shown) === true) {
                continue;
            }
            if ($ofCodes && str_ends_with((string) $name, self::SPEED)) {
                $sum += $this->ofStanding($feature, $shown->values[$name], $odd);

                continue;
            }
            [$log, $estimate] = $this->ofFeature(
                $feature, $shown, (string) $name, $odd, $estimate, $this->room((string) $name, $feature, $strengths), $earlier?->askedAgain((string) $name, $feature),
            );
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

    private static function isDetail(string $name): bool
    {
        return in_array(strrchr($name, '.'), self::DETAILS, true);
    }

    /**
     * @param  ?Room  $room  how far a number may lie from this one, where it is of one strength out of many
     * @return array{float, DeviationEstimate}
     */
    private function ofFeature(Feature $feature, Observation $shown, string $name, float $odd, DeviationEstimate $estimate, ?Room $room, ?AskedAgain $again): array
    {
        $value = $shown->values[$name];

        return match (true) {
            $feature instanceof NumberFeature && $value instanceof ObservedNumber => $this->ofNumber($feature, $value, $odd, $estimate, $room, $again),
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

    /**
     * @param  ?Room  $room  as above
     * @return array{float, DeviationEstimate}
     */
    private function ofNumber(NumberFeature $predicted, ObservedNumber $shown, float $odd, DeviationEstimate $estimate, ?Room $room, ?AskedAgain $again): array
    {
        [$off, $variance] = $estimate->expected($predicted->sensitivities);
        $noise = self::noise($predicted, $shown);
        $deviation = sqrt($variance + $noise + 1e-24);
        $residual = $shown->si - $predicted->mean - $off;
        $isNumber = ! $predicted->overload && ! $shown->overload;
        $among = $isNumber && $room !== null ? $this->amongStrengths($predicted, $shown, $room, $this->precise($residual, $deviation, $shown)) : null;
        $density = match (true) {
            $among !== null => $this->withOdd(array_sum($among), $odd),
            $isNumber => $this->mixed($residual, $deviation, $shown, $odd),
            $predicted->overload && $shown->overload => 1.0 - $odd,
            $shown->overload => $odd / 2.0,
            default => $odd / $this->weighing->scatter->oddSpan,
        };
        $teaches = $isNumber && ($among === null || $among[0] > $among[1]) && abs($residual) < self::TEACHES_WITHIN * $deviation;
        if ($again !== null && ! $shown->overload) {
            $same = $again->sameness($room !== null ? $room->widest() * $this->magnitude($shown) : $predicted->spread());
            [$expected, $variance] = $again->expected(self::noiseAsShown($predicted, $shown), $room?->widest() ?? self::CHANGE_SPREAD);
            $repeated = $same * $this->mixed($shown->si - $expected, sqrt($variance), $shown, $odd);
            $teaches = $teaches && $repeated < $density * max(1.0 - $same, self::UNEXPECTED);
            $density = max($repeated + (1.0 - $same) * $density, self::UNEXPECTED * $density);
        }

        return [log($density), $teaches ? $estimate->told($predicted->sensitivities, $shown->si - $predicted->mean, $noise) : $estimate];
    }

    /** The variance that one repetition adds by itself, the steps of the display included. */
    private static function noise(NumberFeature $predicted, ObservedNumber $shown): float
    {
        return $predicted->noise ** 2 + ($predicted->resolution ** 2 + $shown->resolution ** 2) / 24.0;
    }

    /** The same by the range the display is in, whatever range was predicted: the noise of a meter goes with its step. */
    private static function noiseAsShown(NumberFeature $predicted, ObservedNumber $shown): float
    {
        $range = $predicted->resolution > 0.0 ? $shown->resolution / $predicted->resolution : 1.0;

        return ($predicted->noise * $range) ** 2 + $shown->resolution ** 2 / 12.0;
    }

    /** Density over the number's logarithm, of a normal and a wider one, with the floor. */
    private function mixed(float $residual, float $deviation, ObservedNumber $shown, float $odd): float
    {
        return $this->withOdd($this->precise($residual, $deviation, $shown), $odd);
    }

    private function precise(float $residual, float $deviation, ObservedNumber $shown): float
    {
        $wide = $this->weighing->scatter->wideShare;

        return $this->magnitude($shown) * ((1.0 - $wide) * self::normal($residual, $deviation) + $wide * self::normal($residual, self::WIDER * $deviation));
    }

    private function withOdd(float $density, float $odd): float
    {
        return (1.0 - $odd) * $density + $odd / 2.0 / $this->weighing->scatter->oddSpan;
    }

    private function odd(string $kind): float
    {
        return $this->weighing->scatter->oddity->of($kind);
    }

    /**
     * Densities over the number's logarithm where the hypothesis is one strength of many.
     *
     * @return array{float, float} of strengths that show just this one's number, and of the others
     */
    private function amongStrengths(NumberFeature $predicted, ObservedNumber $shown, Room $room, float $precise): array
    {
        $smallest = $this->smallest($shown->unit);

        return [$room->steadyShare * $precise, (1.0 - $room->steadyShare) * $room->density(asinh($shown->si / $smallest) - asinh($predicted->mean / $smallest))];
    }

    /** Null where the number stands for itself. */
    private function room(string $name, Feature $feature, ?Strengths $strengths): ?Room
    {
        if (! $feature instanceof NumberFeature || $strengths?->leaveRoom($name, $feature) !== true) {
            return null;
        }
        $smallest = $this->smallest($feature->unit);
        [$below, $above] = array_map(static fn (?float $next): ?float => $next === null ? null : abs(asinh($next / $smallest) - asinh($feature->mean / $smallest)), $strengths->limits($name, $feature->mean));

        return Room::between([$below, $above], $feature->spread() / hypot($feature->mean, $smallest), $this->weighing->scatter);
    }

    /** Level near zero. */
    private function magnitude(ObservedNumber $shown): float
    {
        return hypot($shown->si, $this->smallest($shown->unit));
    }

    private function smallest(string $unit): float
    {
        return $this->weighing->scatter->smallest[$unit] ?? 1.0;
    }

    private static function normal(float $residual, float $deviation): float
    {
        return exp(-0.5 * ($residual / $deviation) ** 2) / ($deviation * sqrt(2.0 * M_PI));
    }

    private function ofSeries(SeriesFeature $predicted, ObservedSeries $shown, float $odd): float
    {
        return log($this->series->areAlike($predicted, $shown) ? 1.0 - $odd : $odd);
    }
}
