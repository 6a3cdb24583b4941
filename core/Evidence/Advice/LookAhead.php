<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

/**
 * Two tests in a row: the second chosen by what the first showed. Each alone may not be worth its price, as where one tells
 * the corner and the other the part, and both together may.
 *
 * What the second shows is taken to depend on the car alone, and its price to be that from the car as it stands.
 */
final readonly class LookAhead
{
    /** Tests with which a row of two may begin and end, the most promising first. */
    private const FIRST = 12;

    private const SECOND = 40;

    /**
     * @param  list<float>  $chances  of the cars, together 1
     * @param  list<string>  $remedies  car by car
     */
    public function __construct(private array $chances, private array $remedies, private RepairCost $cost)
    {
    }

    /**
     * The first test of the row that is expected to be cheapest, with what all of it costs then.
     *
     * @param  list<array{TestValue, list<array<string, float>>}>  $tests  with the chance of each outcome, car by car
     * @return ?TestValue null where there are no two tests
     */
    public function best(array $tests): ?TestValue
    {
        usort($tests, static fn (array $one, array $other): int => $one[0]->costAfter <=> $other[0]->costAfter);
        $best = null;
        foreach (count($tests) < 2 ? [] : array_slice($tests, 0, self::FIRST) as $index => [$first, $outcomes]) {
            $others = array_slice($tests, 0, self::SECOND);
            unset($others[$index]);
            $after = $first->trial->cost + $this->after($outcomes, array_values($others));
            $best = $best === null || $after < $best->costAfter ? new TestValue($first->trial, $first->bits, $after) : $best;
        }

        return $best;
    }

    /**
     * Expected cost after the first test: whatever it showed, repairing or the best second test.
     *
     * @param  list<array<string, float>>  $outcomes
     * @param  list<array{TestValue, list<array<string, float>>}>  $others
     */
    private function after(array $outcomes, array $others): float
    {
        $expected = 0.0;
        foreach ($this->split($this->chances, $outcomes) as $cars) {
            $repaired = $this->repaired($cars);
            $tested = array_map(fn (array $other): float => array_sum($cars) * $other[0]->trial->cost + array_sum(array_map($this->repaired(...), $this->split($cars, $other[1]))), $others);
            $expected += min([$repaired, ...$tested]);
        }

        return $expected;
    }

    /**
     * @param  array<int, float>  $cars  weight by car
     * @param  list<array<string, float>>  $outcomes
     * @return array<string, array<int, float>> the same by outcome
     */
    private function split(array $cars, array $outcomes): array
    {
        $split = [];
        foreach ($cars as $car => $weight) {
            foreach ($outcomes[$car] as $outcome => $chance) {
                $split[$outcome][$car] = $weight * $chance;
            }
        }

        return $split;
    }

    /** @param  array<int, float>  $cars  weight by car; the cost is weighed with their sum */
    private function repaired(array $cars): float
    {
        $sum = array_sum($cars);
        if ($sum <= 0.0) {
            return 0.0;
        }
        $remedies = [];
        foreach ($cars as $car => $weight) {
            $remedies[$this->remedies[$car]] = ($remedies[$this->remedies[$car]] ?? 0.0) + $weight / $sum;
        }

        return $sum * $this->cost->expected($remedies);
    }
}
