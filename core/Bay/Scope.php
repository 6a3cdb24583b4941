<?php

declare(strict_types=1);

namespace Lernfall\Bay;

/** The oscilloscope on the bench. */
final readonly class Scope
{
    /**
     * @param  int  $samples  of one sweep
     * @param  int  $stepsPerDivision  of its converter
     * @param  float  $noiseSteps  standard deviation of one sample
     */
    public function __construct(
        public float $inputOhms,
        public int $samples,
        public int $divisionsAcross,
        public int $divisionsUp,
        public int $stepsPerDivision,
        public float $noiseSteps,
    ) {
    }

    /** The converter's greatest step, up or down from the middle of the screen. */
    public function greatestStep(): int
    {
        return intdiv($this->divisionsUp * $this->stepsPerDivision, 2);
    }
}
