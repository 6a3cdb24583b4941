<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Posterior;

/** Weighs repairing now against testing on, and the tests against each other. */
final readonly class Adviser
{
    /** A remedy nobody knows is priced like the dearest part and a long search. */
    private const BEYOND = 900.0;

    /** Tests are tried on this many of the likeliest cars. */
    private const TRIED_ON = 40;

    private Trials $trials;

    private Outcomes $outcomes;

    /** @param  float  $needless  what a repair that changes nothing costs besides its price, in money */
    public function __construct(private Simulator $simulator, private Remedies $remedies, private float $needless)
    {
        $this->trials = new Trials($simulator);
        $this->outcomes = new Outcomes($simulator);
    }

    /** Looks two tests ahead where no single one is worth its price. */
    public function on(HypothesisSet $set, Posterior $posterior): Advice
    {
        return $this->considered($set, $posterior)->farsighted();
    }

    /** The same for whoever does what comes first: of the tests only the leading ones, as long as it is worth testing on. */
    public function next(HypothesisSet $set, Posterior $posterior): Advice
    {
        $considered = $this->considered($set, $posterior);
        $brief = $considered->brief();

        return $brief->isToRepair() ? $considered->farsighted() : $brief;
    }

    public function considered(HypothesisSet $set, Posterior $posterior): Considered
    {
        $repairs = RepairPosterior::of($set, $posterior, $this->remedies);
        $car = $set->sound()->car;
        $tried = $repairs->foremost(self::TRIED_ON);

        $isKnown = fn (Trial $trial): bool => $this->isKnown($trial, $set, $tried);

        return new Considered($repairs, $tried, $this->costs($repairs), array_map(
            fn (Trial $trial): Tryout => new Tryout($trial, $this->outcomes, $tried, $car, $isKnown),
            $this->trials->on($car->sound, $car->state),
        ));
    }

    /** What one particular test would be worth, be it among the usual ones or not. */
    public function testValue(HypothesisSet $set, Posterior $posterior, Trial $trial): TestValue
    {
        $repairs = RepairPosterior::of($set, $posterior, $this->remedies);
        $tried = $repairs->foremost(self::TRIED_ON);

        return (new Considered($repairs, $tried, $this->costs($repairs), []))->testValue($trial, $this->outcomes->of($trial, $tried->cars, $tried->graded, $set->sound()->car));
    }

    private function costs(RepairPosterior $repairs): RepairCost
    {
        $prices = [];
        foreach ($repairs->remedies as $index => $remedy) {
            $prices[$remedy] ??= $remedy === 'beyond' ? self::BEYOND : $this->remedies->cost($repairs->cars[$index]);
        }

        return new RepairCost($prices, ProofOfRepair::price($this->simulator), $this->needless);
    }

    /** Whether the same question has been put, and every hypothesis would answer it as it did then. */
    private function isKnown(Trial $trial, HypothesisSet $set, RepairPosterior $repairs): bool
    {
        $ways = $set->likeliest();
        foreach ($repairs->hypotheses as $hypothesis) {
            if (! $set->isAnswered($ways[$hypothesis], $trial->question(), $this->outcomes->answer($trial, $ways[$hypothesis]->car))) {
                return false;
            }
        }

        return true;
    }
}
