<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Chance\Draw;

/** A trace on the screen of the scope, before noise. */
final readonly class TraceFeature implements Feature
{
    /** How much finer the steps of an ideal instrument are. */
    private const FINER = 1e6;

    /**
     * @param  list<float>  $volts  sample by sample, left to right
     * @param  int  $greatestStep  where the converter ends
     * @param  float  $noiseSteps  standard deviation of one sample
     */
    public function __construct(
        public array $volts,
        public float $secondsPerSample,
        public float $voltsPerStep,
        public int $greatestStep,
        public float $noiseSteps,
    ) {
    }

    public function observed(Draw $noise, string $draw): ObservedTrace
    {
        $next = $noise->stream($draw);
        $steps = array_map(
            fn (float $volts): int => (int) max(-$this->greatestStep, min($this->greatestStep, round($volts / $this->voltsPerStep + $this->noiseSteps * $next()))),
            $this->volts,
        );

        return new ObservedTrace($steps, $this->secondsPerSample, $this->voltsPerStep);
    }

    public function exactly(): ObservedTrace
    {
        $step = $this->voltsPerStep / self::FINER;

        return new ObservedTrace(array_map(static fn (float $volts): int => (int) round($volts / $step), $this->volts), $this->secondsPerSample, $step);
    }
}
