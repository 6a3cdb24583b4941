<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Evidence\Advice\Closeness;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\Posterior;
use Lernfall\Fault\Fault;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** How close a verdict is, worked by hand. */
final class ClosenessTest extends TestCase
{
    /**
     * A coil with prior 1 against a loom with prior q; it holds from 50 % on, so the coil would have to be q times more common.
     * Full up to 3, none from 9, and half at √27 = 5.196, the middle of their logarithms.
     */
    #[TestWith([0.5, 1.0])]
    #[TestWith([1.0, 1.0])]
    #[TestWith([2.9, 1.0])]
    #[TestWith([5.196, 0.5])]
    #[TestWith([4.0, 0.738])]
    #[TestWith([8.5, 0.052])]
    #[TestWith([9.5, 0.0])]
    public function test_it_falls_evenly_between_a_factor_of_three_and_one_of_nine(float $rival, float $share): void
    {
        $vehicle = Workbench::vehicle();
        $car = Car::hypothesis($vehicle, $vehicle);
        $fault = static fn (string $kind): array => [new Fault(Workbench::catalogue()->entry($kind)->kind, 'FR', '', 0.0)];
        $posterior = Posterior::of(Hypotheses::listed(
            new Hypothesis('nothing', [], 1e-9, false, $car),
            new Hypothesis('coil', $fault('coil-open'), 1.0, false, $car), new Hypothesis('loom', $fault('loom-open'), $rival, false, $car),
        ), [0.0, 0.0, 0.0]);

        self::assertEqualsWithDelta($share, Closeness::share($posterior, static fn (Posterior $one): bool => $one->chances[1] >= 0.5), 0.035);
    }
}
