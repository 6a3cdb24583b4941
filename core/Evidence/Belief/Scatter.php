<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** How far observations may lie from what a hypothesis says, and how often for no reason at all. */
final readonly class Scatter
{
    /**
     * @param  array<string, float>  $readiness  chance beforehand, by how far the readiness of what comes and goes lies off, in standard deviations
     * @param  float  $wideShare  share of numbers that scatter three times as widely as instrument and parts explain
     * @param  float  $betweenSpread  how far a number lies from the nearest concrete strength, at most: standard deviation of its natural logarithm
     * @param  float  $beyondSteps  how far beyond the mildest and the strongest one, in steps of the one before
     * @param  float  $steadySpread  by less than which a number has to change from one strength to the next to count as one that hardly depends on it, as a difference of natural logarithms
     * @param  float  $steadyShare  of the strengths near to one that show just its number, where it does not change at all
     * @param  float  $oddSpan  range over which numbers that nothing explains are spread, in natural logarithms
     * @param  array<string, float>  $smallest  what counts as near zero, by unit
     */
    public function __construct(
        public array $readiness,
        public Oddity $oddity,
        public float $wideShare,
        public float $betweenSpread,
        public float $beyondSteps,
        public float $steadySpread,
        public float $steadyShare,
        public float $oddSpan,
        public array $smallest,
    ) {
    }
}
