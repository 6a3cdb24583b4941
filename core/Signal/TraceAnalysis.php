<?php

declare(strict_types=1);

namespace Lernfall\Signal;

/** What can be measured on a trace of a wheel speed signal: its swing, its frequency, and teeth that are missing. */
final readonly class TraceAnalysis
{
    /** A rise counts once it has passed the middle by this share of the swing, so that noise is not counted. */
    private const HYSTERESIS = 0.15;

    /** An interval longer than this many usual ones is a gap. */
    private const GAP = 1.5;

    /**
     * @param  ?float  $hertz  of whole teeth; null where fewer than three rises are seen
     * @param  int  $gaps  places where at least one tooth is missing
     * @param  ?int  $missingPerGap  teeth missing at the usual gap; null without one
     * @param  ?int  $teethPerTurn  from gap to gap, missing ones counted; null with fewer than two gaps
     */
    private function __construct(
        public float $peakToPeakVolts,
        public float $meanVolts,
        public ?float $hertz,
        public int $gaps,
        public ?int $missingPerGap,
        public ?int $teethPerTurn,
    ) {
    }

    /** @param  non-empty-list<float>  $volts */
    public static function of(array $volts, float $secondsPerSample): self
    {
        $swing = max($volts) - min($volts);
        $mean = array_sum($volts) / count($volts);
        $rises = self::rises($volts, (max($volts) + min($volts)) / 2.0, $swing * self::HYSTERESIS);
        if (count($rises) < 3) {
            return new self($swing, $mean, null, 0, null, null);
        }
        $intervals = array_map(static fn (int $index): int => $rises[$index + 1] - $rises[$index], range(0, count($rises) - 2));
        $usual = self::median($intervals);
        $pitches = array_map(static fn (int $interval): int => max(1, (int) round($interval / $usual)), $intervals);
        $places = array_keys(array_filter($intervals, static fn (int $interval): bool => $interval > self::GAP * $usual));
        $teeth = [];
        for ($place = 1; $place < count($places); $place++) {
            $teeth[] = array_sum(array_slice($pitches, $places[$place - 1] + 1, $places[$place] - $places[$place - 1]));
        }
        $even = array_diff_key($intervals, array_flip($places));
        $pitchSamples = $even === [] ? $usual : array_sum($even) / count($even);

        return new self(
            $swing,
            $mean,
            1.0 / ($pitchSamples * $secondsPerSample),
            count($places),
            $places === [] ? null : (int) round(self::median(array_map(static fn (int $place): int => $pitches[$place] - 1, $places))),
            $teeth === [] ? null : (int) round(self::median($teeth)),
        );
    }

    /**
     * @param  non-empty-list<float>  $volts
     * @return list<int> samples at which it rises through the middle
     */
    private static function rises(array $volts, float $middle, float $margin): array
    {
        $rises = [];
        $high = $volts[0] > $middle;
        foreach ($volts as $sample => $value) {
            if (! $high && $value > $middle + $margin) {
                $rises[] = $sample;
                $high = true;
            } elseif ($high && $value < $middle - $margin) {
                $high = false;
            }
        }

        return $rises;
    }

    /** @param  non-empty-list<int>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return (float) $numbers[intdiv(count($numbers), 2)];
    }
}
