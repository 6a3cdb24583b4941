<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Evidence\Belief\Posterior;

/** What every trial that tells something can show on the cars that count: worked out once, weighed by any beliefs. */
final readonly class Considered
{
    /**
     * @param  RepairPosterior  $repairs  all hypotheses that count
     * @param  RepairPosterior  $foremost  those the trials were played on
     * @param  list<array{Trial, list<array<string, float>>}>  $trials  with the chance of each outcome, car by car
     */
    public function __construct(public RepairPosterior $repairs, private RepairPosterior $foremost, private RepairCost $cost, private array $trials)
    {
    }

    /** The same, looking two tests ahead where no single one is worth its price. */
    public function farsighted(): Advice
    {
        $advice = $this->advice();
        $ahead = ! $advice->isToRepair() ? null : (new LookAhead($this->foremost->chances, $this->foremost->remedies, $this->cost))->best(
            array_map(fn (array $trial): array => [$this->weighed($trial[0], $trial[1], $this->foremost), $trial[1]], $this->trials),
        );

        return $ahead === null ? $advice : $advice->ahead(new TestValue($ahead->trial, $ahead->bits, $ahead->costAfter + $this->beyond($this->repairs, $this->foremost)));
    }

    /** @param  ?Posterior  $posterior  other beliefs of the same hypotheses; null for those they were chosen by */
    public function advice(?Posterior $posterior = null): Advice
    {
        $repairs = $posterior === null ? $this->repairs : $this->repairs->under($posterior);
        $foremost = $posterior === null ? $this->foremost : $this->foremost->under($posterior);

        $beyond = $this->beyond($repairs, $foremost);

        return Advice::of($repairs, $this->cost, array_map(function (array $trial) use ($foremost, $beyond): TestValue {
            $testValue = $this->weighed($trial[0], $trial[1], $foremost);

            return new TestValue($testValue->trial, $testValue->bits, $testValue->costAfter + $beyond);
        }, $this->trials));
    }

    /** What the hypotheses on whom no trial was played add to the cost: no test makes it less. */
    private function beyond(RepairPosterior $repairs, RepairPosterior $foremost): float
    {
        return max(0.0, $this->cost->expected($repairs->byRemedy()) - $this->cost->expected($foremost->byRemedy()));
    }

    /** @param  list<array<string, float>>  $outcomes  what a trial can show on the foremost hypotheses, car by car */
    public function testValue(Trial $trial, array $outcomes): TestValue
    {
        return $this->weighed($trial, $outcomes, $this->foremost);
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
