<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** A trace on the screen of the scope, before noise. */
final readonly class TraceFeature implements Feature
{
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
}
