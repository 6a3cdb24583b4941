<?php

declare(strict_types=1);

namespace Tests\Core\Module\Control;

use Lernfall\Module\Control\ToothTimer;
use PHPUnit\Framework\TestCase;

/** Speeds out of the moments teeth pass. */
final class ToothTimerTest extends TestCase
{
    private const TEETH = 48;

    private const A_TOOTH = 1.8 / self::TEETH;

    private const TICK = 0.004;

    public function test_an_even_ring_gives_the_speed_of_the_wheel(): void
    {
        foreach ([2.0, 5.0, 13.7, 30.0] as $speed) {
            foreach ($this->read(array_fill(0, self::TEETH, 0.1), 0.0, $speed, 200) as $read) {
                self::assertEqualsWithDelta($speed, $read, 1e-6);
            }
        }
    }

    public function test_a_wheel_that_slows_is_followed_within_a_tooth(): void
    {
        $timer = new ToothTimer(array_fill(0, self::TEETH, 0.1), 0.0, 0.3, self::A_TOOTH, 10.0);
        for ($tick = 0; $tick < 250; $tick++) {
            $speed = 10.0 - 8.0 * $tick * self::TICK;
            $timer->turn($speed / 1.8, $tick * self::TICK, self::TICK);
            self::assertEqualsWithDelta($speed, $timer->read(($tick + 1) * self::TICK), 0.35);
        }
    }

    /** One tooth of the ring is gone: once in a turn two pitches pass for one, and the wheel seems to be half as fast. */
    public function test_a_missing_tooth_halves_the_speed_once_a_turn(): void
    {
        $read = $this->read([INF, ...array_fill(0, self::TEETH - 1, 0.1)], 0.0, 3.0, 450);

        self::assertEqualsWithDelta(1.5, min($read), 0.02);
        self::assertEqualsWithDelta(3.0, max($read), 1e-6);
        self::assertLessThan(0.1 * count($read), count(array_filter($read, static fn (float $one): bool => $one < 2.9)));
    }

    public function test_a_crack_widens_one_pitch(): void
    {
        $read = $this->read(array_fill(0, self::TEETH, 0.1), 0.5, 3.0, 450);

        self::assertEqualsWithDelta(3.0 * (self::TEETH + 0.5) / self::TEETH, max($read), 0.01, 'the teeth are as far apart as they were, and more of them pass in the time');
        self::assertEqualsWithDelta(max($read) / 1.5, min($read), 0.03);
    }

    public function test_a_weak_signal_is_not_heard_slowly(): void
    {
        self::assertSame(0.0, min($this->read(array_fill(0, self::TEETH, 2.0), 0.0, 1.8, 200)), 'one turn a second');
        self::assertEqualsWithDelta(5.4, min($this->read(array_fill(0, self::TEETH, 2.0), 0.0, 5.4, 200)), 1e-6);
    }

    /**
     * @param  non-empty-list<float>  $heardFrom
     * @return list<float>
     */
    private function read(array $heardFrom, float $crack, float $metresPerSecond, int $ticks): array
    {
        $isHeard = $metresPerSecond / 1.8 >= min($heardFrom);
        $timer = new ToothTimer($heardFrom, $crack, 0.137, self::A_TOOTH, $isHeard ? $metresPerSecond : 0.0);
        $read = [];
        for ($tick = 0; $tick < $ticks; $tick++) {
            $timer->turn($metresPerSecond / 1.8, $tick * self::TICK, self::TICK);
            $read[] = $timer->read(($tick + 1) * self::TICK);
        }

        return array_slice($read, 20);
    }
}
