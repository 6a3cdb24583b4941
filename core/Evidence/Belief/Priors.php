<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** How common faults are before anything was seen, on the scale of the catalogue. */
final readonly class Priors
{
    /**
     * @param  float  $soundPrior  how common a car with nothing wrong is
     * @param  float  $pairPrior  of a pair of faults the catalogue calls common
     * @param  float  $namedPairPrior  of one that a case names
     * @param  float  $pairsAtPlacesPrior  of all pairs together where a case has two faults
     * @param  int  $kindsPerPlace  as many of the commonest kinds are paired with each other then
     * @param  list<array{string, string}>  $commonPairs  kinds of faults that come together at one place
     */
    public function __construct(
        public float $soundPrior,
        public float $pairPrior,
        public float $namedPairPrior,
        public float $pairsAtPlacesPrior,
        public int $kindsPerPlace,
        public ComingAndGoing $comingAndGoing,
        public array $commonPairs,
    ) {
    }
}
