<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Signal\TraceAnalysis;

/**
 * How well a trace fits a predicted one, by what the eye takes from it: its frequency and whether teeth are missing.
 * Its swing and mean are numbers of their own.
 */
final readonly class TraceLikeness
{
    private const SAME_FREQUENCY = 0.05;

    /** A window shows a gap that is there, or does not show one that is not, with this chance. */
    private const SAME_GAPS = 0.9;

    /** A swing of fewer steps is noise, and has no frequency. */
    private const LEAST_SWING_STEPS = 6.0;

    /** A pulse is seen to be smaller than the others from this share on; common practice, no source. */
    private const SEEN_SMALLER = 0.15;

    public function __construct(private float $oddChance)
    {
    }

    /** As a natural logarithm. */
    public function log(TraceFeature $predicted, ObservedTrace $shown): float
    {
        $seconds = $shown->secondsPerSample * count($shown->steps);
        if ($predicted->volts === [] || $shown->steps === []) {
            return log($this->oddChance);
        }
        $one = self::ofPredicted($predicted, $seconds);
        $other = self::ofShown($shown);
        if ($one === null || $other === null) {
            return log($one === $other ? 1.0 - $this->oddChance : $this->oddChance);
        }
        $same = abs(($other->hertz ?? 0.0) - ($one->hertz ?? 0.0)) <= self::SAME_FREQUENCY * ($one->hertz ?? 0.0);
        $gaps = ($one->gaps > 0) === ($other->gaps > 0) ? self::SAME_GAPS : 1.0 - self::SAME_GAPS;

        return log(($same ? 1.0 - $this->oddChance : $this->oddChance) * $gaps);
    }

    /** What the eye takes from a predicted trace in a word: flat, even, or with gaps. */
    public static function seen(TraceFeature $trace): string
    {
        return self::word(self::ofPredicted($trace, $trace->secondsPerSample * count($trace->volts)));
    }

    /** The same of one that was shown. */
    public static function seenIn(ObservedTrace $trace): string
    {
        return self::word(self::ofShown($trace));
    }

    private static function word(?TraceAnalysis $analysis): string
    {
        return Vocabulary::TRACES[match (true) {
            $analysis === null => 0,
            $analysis->gaps > 0 => 2,
            default => 1,
        }];
    }

    /** Whether an eye sees nothing in one that it does not see in the other: flat, even or with gaps, and how small the smallest pulse is. */
    public static function looksLike(TraceFeature $one, TraceFeature $other): bool
    {
        return self::seen($one) === self::seen($other) && abs(self::smallestPulse($one) - self::smallestPulse($other)) <= self::SEEN_SMALLER;
    }

    /** As a share of the greatest; 1 where there are none. Whoever looks for it chooses a scale on which nothing is cut off. */
    private static function smallestPulse(TraceFeature $trace): float
    {
        $seconds = $trace->secondsPerSample * count($trace->volts);
        $analysis = self::ofPredicted($trace, $seconds);
        if ($analysis?->hertz === null) {
            return 1.0;
        }
        $tops = $trace->peaks[1] ?? $trace->volts;
        $middle = array_sum($trace->volts) / count($trace->volts);
        $across = (int) ceil(count($tops) / ($seconds * $analysis->hertz));
        $reached = [];
        for ($from = 0; $from + $across <= count($tops); $from++) {
            $reached[] = max([$tops[$from], ...array_slice($tops, $from + 1, $across - 1)]) - $middle;
        }

        return $reached === [] || max($reached) <= 0.0 ? 1.0 : max(0.0, min($reached) / max($reached));
    }

    /** Worked out once, however many hypotheses expect this very trace. */
    private static function ofPredicted(TraceFeature $trace, float $seconds): ?TraceAnalysis
    {
        return Memo::with($trace, "analysed over $seconds s", static fn (): array => [self::analysed(self::onScreen($trace), $seconds, $trace->voltsPerStep)])[0];
    }

    private static function ofShown(ObservedTrace $trace): ?TraceAnalysis
    {
        return Memo::with($trace, 'analysed', static fn (): array => [self::analysed($trace->line(), $trace->secondsPerSample * count($trace->steps), $trace->voltsPerStep)])[0];
    }

    /** @return list<float> what lies beyond the screen is not seen */
    private static function onScreen(TraceFeature $trace): array
    {
        $edge = $trace->greatestStep * $trace->voltsPerStep;

        return array_map(static fn (float $volts): float => max(-$edge, min($edge, $volts)), $trace->line());
    }

    /**
     * Null where nothing is seen to come again.
     *
     * @param  list<float>  $volts
     */
    private static function analysed(array $volts, float $seconds, float $voltsPerStep): ?TraceAnalysis
    {
        $analysis = $volts === [] ? null : TraceAnalysis::of($volts, $seconds / count($volts));

        return $analysis?->hertz === null || $analysis->peakToPeakVolts < self::LEAST_SWING_STEPS * $voltsPerStep ? null : $analysis;
    }
}
