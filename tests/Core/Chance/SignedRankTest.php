<?php

declare(strict_types=1);

namespace Tests\Core\Chance;

use Lernfall\Chance\SignedRank;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SignedRankTest extends TestCase
{
    /**
     * Greatest sums of the lesser sign that are significant, two-sided: the usual table (McCornack, "Extended tables of the
     * Wilcoxon matched pair signed rank statistic", Journal of the American Statistical Association 60, 1965; from memory).
     */
    #[TestWith([10, 0.05, 8])]
    #[TestWith([10, 0.01, 3])]
    #[TestWith([18, 0.05, 40])]
    #[TestWith([18, 0.01, 27])]
    #[TestWith([20, 0.05, 52])]
    #[TestWith([20, 0.01, 37])]
    public function test_it_agrees_with_the_table(int $pairs, float $level, int $sum): void
    {
        self::assertLessThanOrEqual($level, SignedRank::chance($this->withSumBelow($pairs, $sum)));
        self::assertGreaterThan($level, SignedRank::chance($this->withSumBelow($pairs, $sum + 1)));
    }

    /** By hand: of the 2^3 ways of giving three ranks a sign, all three on one side happen in two. */
    public function test_three_pairs_by_hand(): void
    {
        self::assertEqualsWithDelta(0.25, SignedRank::chance([0.4, 1.5, 0.2]), 1e-12);
        self::assertEqualsWithDelta(0.25, SignedRank::chance([-0.4, -1.5, -0.2]), 1e-12);
        self::assertEqualsWithDelta(1.0, SignedRank::chance([0.4, -0.4]), 1e-12);
        self::assertSame(1.0, SignedRank::chance([0.0, 0.0]));
    }

    /** @return list<float> the differences 1, 2, 3 ... with those below zero adding up to this */
    private function withSumBelow(int $pairs, int $sum): array
    {
        $differences = [];
        for ($size = $pairs; $size > 0; $size--) {
            $below = $size <= $sum;
            $sum -= $below ? $size : 0;
            $differences[] = $below ? -1.0 * $size : 1.0 * $size;
        }
        self::assertSame(0, $sum);

        return $differences;
    }
}
