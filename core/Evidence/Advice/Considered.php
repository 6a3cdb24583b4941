<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Evidence\Odds;

/** What every trial that tells something can show on the cars that count: worked out once, weighed by any odds. */
final readonly class Considered
{
    /**
     * @param  RepairOdds  $repairs  all suspects that count
     * @param  RepairOdds  $foremost  those the trials were played on
     * @param  list<array{Trial, list<array<string, float>>}>  $trials  with the chance of each outcome, car by car
     */
    public function __construct(public RepairOdds $repairs, private RepairOdds $foremost, private RepairCost $cost, private array $trials)
    {
    }

    /** The same, looking two tests ahead where no single one is worth its price. */
    public function farsighted(): Advice
    {
        $advice = $this->advice();
        $ahead = ! $advice->isToRepair() ? null : (new LookAhead($this->foremost->chances, $this->foremost->remedies, $this->cost))->best(
            array_map(fn (array $trial): array => [$this->weighed($trial[0], $trial[1], $this->foremost), $trial[1]], $this->trials),
        );

        return $ahead === null ? $advice : $advice->ahead(new Worth($ahead->trial, $ahead->bits, $ahead->costAfter + $this->beyond($this->repairs, $this->foremost)));
    }

    /** @param  ?Odds  $odds  other odds of the same suspects; null for those they were chosen by */
    public function advice(?Odds $odds = null): Advice
    {
        $repairs = $odds === null ? $this->repairs : $this->repairs->under($odds);
        $foremost = $odds === null ? $this->foremost : $this->foremost->under($odds);

        $beyond = $this->beyond($repairs, $foremost);

        return Advice::of($repairs, $this->cost, array_map(function (array $trial) use ($foremost, $beyond): Worth {
            $worth = $this->weighed($trial[0], $trial[1], $foremost);

            return new Worth($worth->trial, $worth->bits, $worth->costAfter + $beyond);
        }, $this->trials));
    }

    /** What the suspects on whom no trial was played add to the cost: no test makes it less. */
    private function beyond(RepairOdds $repairs, RepairOdds $foremost): float
    {
        return max(0.0, $this->cost->expected($repairs->byRemedy()) - $this->cost->expected($foremost->byRemedy()));
    }

    /** @param  list<array<string, float>>  $outcomes  what a trial can show on the foremost suspects, car by car */
    public function worth(Trial $trial, array $outcomes): Worth
    {
        return $this->weighed($trial, $outcomes, $this->foremost);
    }

    /** @param  list<array<string, float>>  $outcomes */
    private function weighed(Trial $trial, array $outcomes, RepairOdds $foremost): Worth
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
                $bits -= $share * RepairOdds::entropy($remedies);
                $after += $share * $this->cost->expected($remedies);
            }
        }

        return new Worth($trial, max(0.0, $bits), $trial->cost + $after);
    }
}
