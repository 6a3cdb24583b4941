<?php

declare(strict_types=1);

namespace Tests\Core\Module\Control;

use Lernfall\Module\Control\TractionControl;
use Lernfall\Module\Control\TractionWish;
use Lernfall\Module\Control\WheelPhase;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Motion\TractionDesign;
use PHPUnit\Framework\TestCase;

/** What the module does about driven wheels that spin, told by the speeds it has counted alone. */
final class TractionControlTest extends TestCase
{
    private const TICK = 0.004;

    public function test_a_wheel_that_spins_is_braked_and_the_engine_left_alone(): void
    {
        $wish = $this->last(static fn (float $now): array => [2.0 + 20.0 * $now, 2.0, 2.0, 2.0], 0.2);

        self::assertSame([[0], true, 1.0], [$wish->braked, $wish->builds, $wish->engineShare]);
        self::assertSame(WheelPhase::Builds, $wish->phases[0]);
        self::assertSame([Modulation::Increase, Modulation::Increase], [$wish->wheels[0], $wish->wheels[1]]);
        self::assertTrue($wish->isAtWork());
    }

    public function test_wheels_that_roll_with_the_car_are_left_alone(): void
    {
        $wish = $this->last(static fn (float $now): array => [4.0 * $now + 0.5, 4.0 * $now + 0.5, 4.0 * $now, 4.0 * $now], 2.0);

        self::assertFalse($wish->isAtWork());
        self::assertEqualsWithDelta(8.0, $wish->reference, 0.05);
    }

    public function test_pressure_is_let_out_while_the_wheel_falls_back_to_the_car(): void
    {
        $wish = $this->last(static fn (float $now): array => [max(2.0, $now < 0.3 ? 2.0 + 30.0 * $now : 11.0 - 40.0 * ($now - 0.3)), 2.0, 2.0, 2.0], 0.5);

        self::assertSame(WheelPhase::LetsGo, $wish->phases[0]);
    }

    public function test_no_wheel_is_braked_once_the_foot_is_off_or_the_car_fast(): void
    {
        $spinning = static fn (float $now): array => [6.0 + 20.0 * $now, 6.0, 6.0, 6.0];
        self::assertFalse($this->last($spinning, 0.3, liftsAt: 0.2)->isAtWork());
        self::assertSame([], $this->last(static fn (float $now): array => [20.0, 12.0, 12.0, 12.0], 0.3)->braked);
    }

    public function test_a_car_without_such_valves_holds_its_engine_back_and_lets_it_on_again(): void
    {
        $both = static fn (float $now): array => $now < 0.3 ? [8.0, 8.0, 2.0, 2.0] : [2.2, 2.2, 2.0, 2.0];

        self::assertLessThan(0.2, $this->last($both, 0.28, byBrake: false)->engineShare);
        self::assertSame([], $this->last($both, 0.28, byBrake: false)->braked);
        self::assertEqualsWithDelta(1.0, $this->last($both, 2.0, byBrake: false)->engineShare, 1e-9);
    }

    /** A rear sensor that nobody hears must not make every start one with spinning wheels. */
    public function test_the_faster_of_the_other_wheels_counts(): void
    {
        self::assertFalse($this->last(static fn (float $now): array => [5.0, 5.0, 0.0, 5.0], 0.5)->isAtWork());
    }

    /** @param  callable(float): list<float>  $speeds */
    private function last(callable $speeds, float $seconds, float $liftsAt = INF, bool $byBrake = true): TractionWish
    {
        $control = new TractionControl(new TractionDesign, 0, $byBrake, ! $byBrake);
        $wish = TractionWish::none(0.0);
        for ($tick = 0; $tick * self::TICK < $seconds; $tick++) {
            $wish = $control->tick($speeds($tick * self::TICK), $tick * self::TICK < $liftsAt, self::TICK);
        }

        return $wish;
    }
}
