<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Evidence\Belief\Posterior;

/** What the trials can show on the cars that count: each worked out once, weighed by any beliefs. */
final readonly class Considered
{
    /** A trial is played on so many of the likeliest cars to see whether it can be left out. */
    private const TRIED_FIRST = [0, 4, 12, 24];

    /**
     * @param  RepairPosterior  $repairs  all hypotheses that count
     * @param  RepairPosterior  $foremost  those the trials are played on
     * @param  list<Tryout>  $trials
     */
    public function __construct(public RepairPosterior $repairs, private RepairPosterior $foremost, private RepairCost $cost, private array $trials)
    {
    }

    /** With every test that tells something, looking two tests ahead where no single one is worth its price. */
    public function farsighted(): Advice
    {
        $advice = $this->advice();
        $ahead = ! $advice->isToRepair() ? null : (new LookAhead($this->foremost->chances, $this->foremost->remedies, $this->cost))->best($this->telling());

        return $ahead === null ? $advice : $advice->ahead($ahead->dearer($this->beyond($this->repairs, $this->foremost)));
    }

    /** With every test that tells something. */
    public function advice(): Advice
    {
        $beyond = $this->beyond($this->repairs, $this->foremost);

        return Advice::of($this->repairs, $this->cost, array_map(static fn (array $one): TestValue => $one[0]->dearer($beyond), $this->telling()));
    }

    /**
     * Only the test that tells most for its time and the one after which everything is cheapest: of the others, those are
     * left out which could be neither, were they to part all that they could.
     */
    public function brief(): Advice
    {
        $beyond = $this->beyond($this->repairs, $this->foremost);
        $lead = new Lead;
        $found = [];
        foreach ($this->byPrice() as $place => $tryout) {
            $value = $this->valueWhere($tryout, $lead, $this->foremost, $beyond);
            if ($value !== null) {
                $found[$place] = $value;
                $lead = $lead->after($value);
            }
        }
        ksort($found);

        return Advice::of($this->repairs, $this->cost, array_values($found));
    }

    /**
     * Whether some test is expected to leave everything cheaper than this, by other beliefs of the same hypotheses.
     *
     * @param  float  $cost  in money; INF for whether any test tells anything
     */
    public function isTestingCheaper(float $cost, Posterior $posterior): bool
    {
        $repairs = $this->repairs->under($posterior);
        $foremost = $this->foremost->under($posterior);
        $beyond = $this->beyond($repairs, $foremost);
        $lead = Lead::byCost($cost);
        foreach ($this->byPrice() as $tryout) {
            $value = $this->valueWhere($tryout, $lead, $foremost, $beyond);
            if ($value !== null && $value->tells() && $value->costAfter < $cost) {
                return true;
            }
        }

        return false;
    }

    /** The expected cost of repairing now by other beliefs, by what a remedy and its price make of it. */
    public function underBeliefs(Posterior $posterior): Advice
    {
        return Advice::of($this->repairs->under($posterior), $this->cost, []);
    }

    /** What a trial is worth; null where it could not lead, or shows nothing new. It is tried on a few cars first. */
    private function valueWhere(Tryout $tryout, Lead $lead, RepairPosterior $foremost, float $beyond): ?TestValue
    {
        foreach ($tryout->isPlayed() ? [] : self::TRIED_FIRST as $few) {
            if (! $lead->canBeBeaten($this->weighed($tryout->trial, $tryout->atBest($few), $foremost)->dearer($beyond))) {
                return null;
            }
        }
        $outcomes = $tryout->outcomes();

        return $outcomes === null ? null : $this->weighed($tryout->trial, $outcomes, $foremost)->dearer($beyond);
    }

    /** @param  list<array<string, float>>  $outcomes  what a trial can show on the foremost hypotheses, car by car */
    public function testValue(Trial $trial, array $outcomes): TestValue
    {
        return $this->weighed($trial, $outcomes, $this->foremost);
    }

    /** @return list<array{TestValue, list<array<string, float>>}> those that show something, with the chance of each outcome, car by car */
    private function telling(): array
    {
        $telling = [];
        foreach ($this->trials as $tryout) {
            $outcomes = $tryout->outcomes();
            if ($outcomes !== null) {
                $telling[] = [$this->weighed($tryout->trial, $outcomes, $this->foremost), $outcomes];
            }
        }

        return $telling;
    }

    /** @return array<int, Tryout> by place, the cheapest first */
    private function byPrice(): array
    {
        $trials = $this->trials;
        uasort($trials, static fn (Tryout $one, Tryout $other): int => $one->trial->cost <=> $other->trial->cost);

        return $trials;
    }

    /** What the hypotheses on whom no trial was played add to the cost: no test makes it less. */
    private function beyond(RepairPosterior $repairs, RepairPosterior $foremost): float
    {
        return max(0.0, $this->cost->expected($repairs->byRemedy()) - $this->cost->expected($foremost->byRemedy()));
    }

    /** @param  list<array<string, float>>  $outcomes */
    private function weighed(Trial $trial, array $outcomes, RepairPosterior $foremost): TestValue
    {
        $joint = [];
        foreach ($outcomes as $index => $chances) {
            foreach ($chances as $outcome => $chance) {
                $remedy = $foremost->remedies[$index];
                $joint[$outcome][$remedy] = ($joint[$outcome][$remedy] ?? 0.0) + $chance * $foremost->chances[$index];
            }
        }
        $bits = $foremost->bits();
        $after = 0.0;
        foreach ($joint as $weights) {
            $share = array_sum($weights);
            if ($share > 0.0) {
                $remedies = array_map(static fn (float $weight): float => $weight / $share, $weights);
                $bits -= $share * RepairPosterior::entropy($remedies);
                $after += $share * $this->cost->expected($remedies);
            }
        }

        return new TestValue($trial, max(0.0, $bits), $trial->cost + $after);
    }
}
