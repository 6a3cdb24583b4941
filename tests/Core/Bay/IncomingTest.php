<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Evidence\Advice\Remedies;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What was done in the bay is no cause: a car is judged as it came in. */
final class IncomingTest extends TestCase
{
    private const TAPE = ['do' => 'repair', 'kind' => 'tape-loom', 'channel' => 'FR'];

    private const SENSOR = ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'];

    public function test_tape_round_a_sound_loom_is_no_fault_and_nothing_to_repair(): void
    {
        $car = Played::on(Workbench::case([['coil-open', 'FR']]))->do(self::TAPE)->job->car;

        self::assertFalse($this->helps($car, RepairKind::RepairLoom, 'FR'));
        self::assertSame('replace-sensor@FR', (new Remedies(Workbench::simulator()))->name($car));
    }

    public function test_tape_round_a_chafed_loom_repairs_nothing(): void
    {
        $played = Played::on(Workbench::case([['loom-grounded', 'FR', '1']]))->do(self::TAPE);

        self::assertFalse(Incoming::isInOrder($played->job->car));
        self::assertTrue($this->helps($played->job->car, RepairKind::RepairLoom, 'FR'));
        self::assertTrue(Incoming::isInOrder($played->do(['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR'])->job->car));
    }

    public function test_tape_left_on_a_car_that_was_repaired_leaves_it_in_order(): void
    {
        self::assertTrue(Incoming::isInOrder(Played::on(Workbench::case([['coil-open', 'FR']]))->secured()->do(self::TAPE, self::SENSOR)->job->car));
    }

    public function test_a_bad_sensor_is_judged_where_it_sits_after_a_swap(): void
    {
        $car = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()->do(['do' => 'swap-sensors', 'channel' => 'FR'])->job->car;

        self::assertTrue($this->helps($car, RepairKind::ReplaceSensor, 'FL'));
        self::assertFalse($this->helps($car, RepairKind::ReplaceSensor, 'FR'));
    }

    public function test_a_sensor_killed_in_the_bay_is_not_what_the_car_came_for(): void
    {
        $played = Played::on(Workbench::case([['loom-grounded', 'FR', '1', 300.0]], Workbench::vehicle('lendo-15')))->do(
            ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 12.0, 'milliamperes' => 100.0, 'reversed' => true],
            ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 0.0, 'milliamperes' => 100.0, 'reversed' => false], ['do' => 'join', 'plug' => 'FR.sensor-plug'],
        )->secured();

        self::assertSame('repair-loom@FR', (new Remedies(Workbench::simulator()))->name($played->job->car));
        $repaired = $played->do(['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR']);
        self::assertFalse(Incoming::isInOrder($repaired->job->car), 'what was spoilt is spoilt');
        self::assertTrue(Incoming::isInOrder($repaired->do(self::SENSOR)->job->car));
    }

    public function test_a_part_on_trial_is_not_the_cars_own(): void
    {
        $car = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()->do(['do' => 'fit-trial-part', 'part' => 'sensor', 'channel' => 'FR', 'fitted' => true])->job->car;

        self::assertTrue($this->helps($car, RepairKind::ReplaceSensor, 'FR'));
    }

    private function helps(Car $car, RepairKind $kind, string $channel): bool
    {
        return (new Remedies(Workbench::simulator()))->helps($car, new Repair($kind, $channel));
    }
}
