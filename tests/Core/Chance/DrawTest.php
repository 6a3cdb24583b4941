<?php

declare(strict_types=1);

namespace Tests\Core\Chance;

use Lernfall\Chance\Draw;
use Lernfall\Chance\DrawnDeviations;
use Lernfall\Chance\OpenDeviations;
use Lernfall\Chance\ShiftedDeviations;
use PHPUnit\Framework\TestCase;

final class DrawTest extends TestCase
{
    private const DRAWS = 4000;

    public function test_a_draw_depends_on_seed_and_name_and_nothing_else(): void
    {
        self::assertSame((new Draw('s'))->uniform('a'), (new Draw('s'))->uniform('a'));
        self::assertNotSame((new Draw('s'))->uniform('a'), (new Draw('s'))->uniform('b'));
        self::assertNotSame((new Draw('s'))->uniform('a'), (new Draw('t'))->uniform('a'));
    }

    /** Four standard errors of the mean and of the variance of a standard normal: 4/√n and 4·√(2/n). */
    public function test_normal_draws_have_mean_zero_and_variance_one(): void
    {
        $draws = array_map(static fn (int $n): float => (new Draw('seed'))->normal("n$n"), range(1, self::DRAWS));
        $mean = array_sum($draws) / self::DRAWS;
        $variance = array_sum(array_map(static fn (float $x): float => ($x - $mean) ** 2, $draws)) / self::DRAWS;

        self::assertEqualsWithDelta(0.0, $mean, 4.0 / sqrt(self::DRAWS));
        self::assertEqualsWithDelta(1.0, $variance, 4.0 * sqrt(2.0 / self::DRAWS));
    }

    public function test_a_true_car_knows_what_a_hypothesis_only_expects(): void
    {
        $drawn = new DrawnDeviations('seed');
        $open = new OpenDeviations;

        self::assertContains($drawn->chance('x', 0.4), [0.0, 1.0]);
        self::assertSame(0.4, $open->chance('x', 0.4));
        self::assertSame(0.0, $open->standard('x'));
        self::assertSame($drawn->standard('x') > 0.0 ? 1.0 : 0.0, $drawn->chanceThat('x', static fn (float $d): bool => $d > 0.0));
    }

    public function test_an_open_threshold_is_crossed_as_often_as_the_normal_distribution_says(): void
    {
        self::assertEqualsWithDelta(0.5, (new OpenDeviations)->chanceThat('x', static fn (float $d): bool => $d > 0.0), 1e-9);
        // 16 % lie beyond one standard deviation; ten slices show it as 20 %
        self::assertEqualsWithDelta(0.16, (new OpenDeviations)->chanceThat('x', static fn (float $d): bool => $d > 1.0), 0.05);
    }

    public function test_no_part_lies_far_outside_its_tolerance(): void
    {
        $deviations = new DrawnDeviations('seed');
        foreach (range(1, 2000) as $n) {
            self::assertLessThanOrEqual(2.5, abs($deviations->standard("part $n")));
        }
    }

    public function test_a_shift_moves_one_deviation_only(): void
    {
        $shifted = new ShiftedDeviations(new OpenDeviations, 'coil');

        self::assertSame(1.0, $shifted->standard('coil'));
        self::assertSame(0.0, $shifted->standard('gap'));
    }
}
