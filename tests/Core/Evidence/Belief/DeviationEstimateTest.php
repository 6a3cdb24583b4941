<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Evidence\Belief\DeviationEstimate;
use PHPUnit\Framework\TestCase;

/** Expected values by the normal-normal update of any textbook on Bayesian statistics, worked by hand. */
final class DeviationEstimateTest extends TestCase
{
    public function test_a_reading_moves_the_deviation_by_its_share_of_the_variance(): void
    {
        // prior 0 ± 1, one ohm of change per deviation, noise variance 0.25, read 0.5 too high: mean 0.5·1/1.25, variance 1 − 1/1.25
        $estimate = DeviationEstimate::blank()->told(['coil' => 1.0], 0.5, 0.25);
        [$mean, $variance] = $estimate->expected(['coil' => 1.0]);

        self::assertEqualsWithDelta(0.4, $mean, 1e-12);
        self::assertEqualsWithDelta(0.2, $variance, 1e-12);
    }

    public function test_before_any_reading_deviations_are_independent(): void
    {
        self::assertEqualsWithDelta(25.0, DeviationEstimate::blank()->expected(['coil' => 3.0, 'meter' => -4.0])[1], 1e-12);
    }

    public function test_two_deviations_that_one_reading_mixes_stay_tied_to_each_other(): void
    {
        // y = a + b without noise: afterwards a + b is known, a − b is as open as before
        $estimate = DeviationEstimate::blank()->told(['a' => 1.0, 'b' => 1.0], 0.6, 0.0);

        self::assertEqualsWithDelta(0.6, $estimate->expected(['a' => 1.0, 'b' => 1.0])[0], 1e-12);
        self::assertEqualsWithDelta(0.0, $estimate->expected(['a' => 1.0, 'b' => 1.0])[1], 1e-12);
        self::assertEqualsWithDelta(2.0, $estimate->expected(['a' => 1.0, 'b' => -1.0])[1], 1e-12);
    }

    public function test_repeating_never_takes_more_away_than_the_noise_brings(): void
    {
        $estimate = DeviationEstimate::blank();
        for ($time = 1; $time <= 50; $time++) {
            $estimate = $estimate->told(['coil' => 1.0], 0.7, 0.5);
        }

        self::assertEqualsWithDelta(0.7 * 50 / (50 + 0.5), $estimate->expected(['coil' => 1.0])[0], 1e-9, 'n repeats are one with an n-th of the noise');
        self::assertEqualsWithDelta(0.5 / 50.5, $estimate->expected(['coil' => 1.0])[1], 1e-9);
        self::assertEqualsWithDelta(1.0, $estimate->expected(['other' => 1.0])[1], 1e-12);
    }
}
