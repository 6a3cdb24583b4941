<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Provocation;

/** How observations are weighed against each other; weighing.json holds the figures. */
final readonly class Weighing
{
    /**
     * @param  float  $soundPrior  how common a car with nothing wrong is, on the scale of the catalogue's priors
     * @param  float  $pairPrior  of a pair of faults the catalogue calls common, on the same scale
     * @param  float  $namedPairPrior  of one that a case names
     * @param  float  $pairsAtPlacesPrior  of all pairs together where a case has two faults
     * @param  int  $kindsPerPlace  as many of the commonest kinds are paired with each other then
     * @param  array<string, float>  $readiness  chance beforehand, by how far the readiness of what comes and goes lies off, in standard deviations
     * @param  float  $oddChance  chance of an observation that nothing explains, for each thing observed
     * @param  float  $oddCodeChance  the same for a code: a module hardly ever stores one for nothing
     * @param  float  $stepOddChance  the least chance that all things observed in one step have together
     * @param  float  $wideShare  share of numbers that scatter three times as widely as instrument and parts explain
     * @param  float  $betweenSpread  how far a number lies from the nearest concrete strength: standard deviation of its natural logarithm
     * @param  float  $oddSpan  range over which numbers that nothing explains are spread, in natural logarithms
     * @param  array<string, float>  $smallest  what counts as near zero, by unit
     * @param  float  $forgottenBelow  a way of the car this much less likely than its best way is not followed any more
     * @param  float  $ruledOutBelow  a hypothesis this much less likely than the likeliest is not followed any more
     * @param  int  $waysPerHypothesis  how many ways of one car are followed at most
     * @param  float  $closeFactor  a verdict that turns when one prior is this much larger or smaller is a close call
     * @param  float  $comesAndGoesShare  share of a kind's prior that falls to forms of it that come and go
     * @param  array<string, list<Provocation>>  $comesAndGoes  what provokes such forms, by kind
     * @param  list<array{string, string}>  $commonPairs  kinds of faults that come together at one place
     * @param  list<array{string, string, float, float}>  $unseen  vehicle, kind, and the strengths from and up to which no test tells such a car from a sound one
     */
    public function __construct(
        public float $soundPrior,
        public float $pairPrior,
        public float $namedPairPrior,
        public float $pairsAtPlacesPrior,
        public int $kindsPerPlace,
        public array $readiness,
        public float $oddChance,
        public float $oddCodeChance,
        public float $stepOddChance,
        public float $wideShare,
        public float $betweenSpread,
        public float $oddSpan,
        public array $smallest,
        public float $forgottenBelow,
        public float $ruledOutBelow,
        public int $waysPerHypothesis,
        public float $closeFactor,
        public float $comesAndGoesShare,
        public array $comesAndGoes,
        public array $commonPairs,
        private array $unseen,
    ) {
    }

    /** Whether no test tells a car with this fault from a sound one: to repair nothing is right there as well. */
    public function isUnseen(string $vehicle, Fault $fault): bool
    {
        foreach ($this->unseen as [$id, $kind, $from, $to]) {
            if ($id === $vehicle && $kind === $fault->kind->id && $fault->strength >= $from && $fault->strength <= $to) {
                return true;
            }
        }

        return false;
    }
}
