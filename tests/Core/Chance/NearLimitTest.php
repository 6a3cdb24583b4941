<?php

declare(strict_types=1);

namespace Tests\Core\Chance;

use Lernfall\Chance\NearLimit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A value near to a limit, against tables of the normal distribution (any handbook of statistics): Φ(0.5) = 0.6915, Φ(1) = 0.8413, Φ(2) = 0.9772. */
final class NearLimitTest extends TestCase
{
    #[TestWith([60.0, 0.5])]
    #[TestWith([66.0, 0.6915])]
    #[TestWith([72.0, 0.8413])]
    #[TestWith([84.0, 0.9772])]
    #[TestWith([48.0, 0.1587])]
    public function test_it_comes_within_a_hundredth_of_the_normal_distribution(float $value, float $chance): void
    {
        self::assertEqualsWithDelta($chance, NearLimit::above($value, 60.0, 0.2), 0.01);
    }

    public function test_far_from_it_nothing_is_in_doubt(): void
    {
        self::assertSame(1.0, NearLimit::above(500.0, 60.0, 0.2));
        self::assertSame(0.0, NearLimit::above(0.0, 60.0, 0.2));
    }
}
