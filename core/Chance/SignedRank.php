<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/**
 * Whether paired differences lie to one side of zero: the signed-rank test of Wilcoxon, "Individual comparisons by ranking
 * methods", Biometrics Bulletin 1 (1945), with the exact distribution.
 */
final readonly class SignedRank
{
    /**
     * @param  list<float>  $differences  one of each pair; those of zero count for nothing, ties share their mean rank
     * @return float two-sided chance of ranks as uneven as these where there is no difference
     */
    public static function chance(array $differences): float
    {
        $differences = array_values(array_filter($differences, static fn (float $one): bool => $one !== 0.0));
        $ranks = self::doubledRanks(array_map(abs(...), $differences));
        $above = 0;
        foreach ($differences as $index => $difference) {
            $above += $difference > 0.0 ? $ranks[$index] : 0;
        }
        $least = min($above, array_sum($ranks) - $above);
        $ways = self::ways($ranks);

        return min(1.0, 2.0 * array_sum(array_slice($ways, 0, $least + 1)) / 2.0 ** count($ranks));
    }

    /**
     * @param  list<float>  $sizes
     * @return list<int> twice the rank of each, so that the mean of two neighbours is whole
     */
    private static function doubledRanks(array $sizes): array
    {
        $ranks = [];
        foreach ($sizes as $size) {
            $smaller = count(array_filter($sizes, static fn (float $one): bool => $one < $size));
            $alike = count(array_filter($sizes, static fn (float $one): bool => $one === $size));
            $ranks[] = 2 * $smaller + $alike + 1;
        }

        return $ranks;
    }

    /**
     * @param  list<int>  $ranks
     * @return array<int, float> in how many ways of giving each rank a sign those above zero add up to 0, 1, 2 ...
     */
    private static function ways(array $ranks): array
    {
        $ways = [1.0];
        foreach ($ranks as $rank) {
            $with = [...array_fill(0, $rank, 0.0), ...$ways];
            foreach ($ways as $sum => $count) {
                $with[$sum] += $count;
            }
            $ways = $with;
        }

        return $ways;
    }
}
