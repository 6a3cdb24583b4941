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
     * @param  float  $leastBetweenSpread  and at least: parts of the same kind differ as well
     * @param  float  $oddSpan  range over which numbers that nothing explains are spread, in natural logarithms
     * @param  array<string, float>  $smallest  what counts as near zero, by unit
     */
    public function __construct(
        public array $readiness,
        public Oddity $oddity,
        public float $wideShare,
        public float $betweenSpread,
        public float $leastBetweenSpread,
        public float $oddSpan,
        public array $smallest,
    ) {
    }
}
