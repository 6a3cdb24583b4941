<?php

declare(strict_types=1);

namespace Tests\Core\Module\Control;

use Lernfall\Module\Control\ControlWish;
use Lernfall\Module\Control\SlipControl;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Module\Control\WheelPhase;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Motion\SlipControlDesign;
use PHPUnit\Framework\TestCase;

/** What the module wants of its valves, told by the speeds it has counted alone. */
final class SlipControlTest extends TestCase
{
    private const TICK = 0.004;

    public function test_wheels_that_roll_with_the_car_are_left_as_pressed(): void
    {
        foreach ($this->driven(static fn (float $now): array => array_fill(0, 4, 20.0 - 8.0 * $now), 2.0) as $wish) {
            self::assertSame(array_fill(0, 4, WheelPhase::AsPressed), $wish->phases);
            self::assertFalse($wish->pump);
        }
    }

    public function test_a_wheel_that_falls_is_let_go_and_the_pump_runs(): void
    {
        $wishes = $this->driven(static fn (float $now): array => [max(0.0, 20.0 - 60.0 * $now), 20.0 - 8.0 * $now, 20.0 - 8.0 * $now, 20.0 - 8.0 * $now], 0.15);
        $let = array_values(array_filter($wishes, static fn (ControlWish $one): bool => $one->phases[0] === WheelPhase::LetsGo));

        self::assertNotEmpty($let);
        self::assertSame(Modulation::Reduce, $let[0]->first[0]);
        self::assertTrue($let[0]->pump);
        self::assertSame(Modulation::Increase, $let[0]->first[1], 'the others are not touched');
    }

    public function test_without_the_switch_at_the_pedal_nothing_is_done(): void
    {
        foreach ($this->driven(static fn (float $now): array => [max(0.0, 20.0 - 60.0 * $now), 20.0, 20.0, 20.0], 0.3, false) as $wish) {
            self::assertSame(array_fill(0, 4, Modulation::Increase), $wish->first);
        }
    }

    public function test_below_walking_pace_wheels_may_lock(): void
    {
        $wishes = $this->driven(static fn (float $now): array => [0.0, 1.8 - $now, 1.8 - $now, 1.8 - $now], 1.0);
        self::assertSame(array_fill(0, 4, WheelPhase::AsPressed), end($wishes)->phases);
    }

    /** Both rear wheels follow the one that slips more, or each goes by itself. */
    public function test_rear_wheels_together_or_singly(): void
    {
        foreach ([true, false] as $together) {
            $wishes = $this->driven(static fn (float $now): array => [20.0, 20.0, max(0.0, 20.0 - 60.0 * $now), 20.0], 0.15, true, new SlipControlDesign(rearTogether: $together));
            $other = array_filter($wishes, static fn (ControlWish $one): bool => $one->phases[3] === WheelPhase::LetsGo);
            self::assertSame($together, $other !== []);
        }
    }

    /** Brake-force distribution: rear wheels that slip a little more than the front ones are held at the pressure they have. */
    public function test_rear_wheels_are_held_before_they_slip(): void
    {
        $wishes = $this->driven(static fn (float $now): array => [20.0 - 6.0 * $now, 20.0 - 6.0 * $now, (20.0 - 6.0 * $now) * (1.0 - min(0.03, $now)), (20.0 - 6.0 * $now) * (1.0 - min(0.03, $now))], 0.6);
        $last = end($wishes);

        self::assertSame([Modulation::Increase, Modulation::Increase, Modulation::Hold, Modulation::Hold], $last->first);
        self::assertFalse($last->pump, 'nothing is let go');
    }

    /** A tyre a little smaller turns faster all the time: that is learned, and no wheel is held for it. */
    public function test_a_tyre_that_differs_a_little_is_put_right(): void
    {
        $wishes = $this->driven(static fn (float $now): array => [(20.0 - 6.0 * $now) * 1.03, (20.0 - 6.0 * $now) * 1.03, 20.0 - 6.0 * $now, 20.0 - 6.0 * $now], 0.6);

        self::assertSame(array_fill(0, 4, Modulation::Increase), end($wishes)->first);
    }

    /**
     * @param  callable(float): list<float>  $speeds
     * @return non-empty-list<ControlWish>
     */
    private function driven(callable $speeds, float $seconds, bool $brakes = true, SlipControlDesign $design = new SlipControlDesign): array
    {
        $control = new SlipControl(SlipDuty::whole($design), $speeds(0.0));
        $wishes = [];
        for ($tick = 1; $tick * self::TICK < $seconds; $tick++) {
            $wishes[] = $control->tick($speeds($tick * self::TICK), $brakes, $tick * self::TICK, self::TICK);
        }

        return $wishes;
    }
}
