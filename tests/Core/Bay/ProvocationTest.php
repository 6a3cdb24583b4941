<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Evidence\Preview\Preview;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Faults that come and go. */
final class ProvocationTest extends TestCase
{
    private const OHMS = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];

    public function test_a_broken_wire_shows_only_while_the_steering_is_at_its_lock(): void
    {
        $played = $this->played(Provocation::SteeringLeft)->do(['do' => 'unplug', 'plug' => 'module-plug']);
        $isOpen = function (array ...$before) use ($played): bool {
            return $played->do(...[...$before, self::OHMS])->shown()->number('reading')->overload ?? false;
        };

        self::assertFalse($isOpen());
        self::assertFalse($isOpen($this->provoke('steering-right')));
        self::assertTrue($isOpen($this->provoke('steering-left', 'RL')), 'the steering reaches every corner');
        self::assertFalse($isOpen($this->provoke('nothing')));
    }

    public function test_wiggling_finds_a_fault_only_where_it_sits(): void
    {
        $played = $this->played(Provocation::WiggleLoom)->do(['do' => 'unplug', 'plug' => 'module-plug']);

        self::assertFalse($played->do($this->provoke('wiggle-loom', 'FL'), self::OHMS)->shown()->number('reading')?->overload);
        self::assertTrue($played->do($this->provoke('wiggle-loom', 'FR'), self::OHMS)->shown()->number('reading')?->overload);
    }

    public function test_a_key_cycle_finds_nothing_and_a_drive_finds_drop_outs_more_or_less_readily(): void
    {
        $codes = [];
        foreach (range(1, 30) as $seed) {
            $played = $this->played(Provocation::WiggleLoom, "seed $seed")->do(['do' => 'ignition', 'to' => 'running']);
            self::assertSame(['C0040-2F' => 'history'], Workbench::codes($played->do(['do' => 'read-codes'])->shown()), 'it showed on the way the owner drove');
            $played->do(['do' => 'clear-codes']);
            self::assertSame([], Workbench::codes($played->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'read-codes'])->shown()));
            $codes[] = array_keys(Workbench::codes($played->do(['do' => 'road-test'], ['do' => 'read-codes'])->shown()))[0] ?? 'none';
        }

        self::assertEqualsCanonicalizing(['C0040-2F', 'none'], array_values(array_unique($codes)));
    }

    public function test_a_wire_that_breaks_in_left_bends_stays_whole_in_right_ones(): void
    {
        $codes = ['left-bends' => 0, 'right-bends' => 0, 'straight' => 0];
        foreach (range(1, 12) as $seed) {
            foreach (array_keys($codes) as $route) {
                $played = $this->played(Provocation::SteeringLeft, "seed $seed")->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes'], ['do' => 'road-test', 'route' => $route], ['do' => 'read-codes']);
                $codes[$route] += count(Workbench::codes($played->shown()));
            }
        }

        self::assertGreaterThan(6, $codes['left-bends']);
        self::assertSame(0, $codes['right-bends']);
        self::assertSame(0, $codes['straight']);
    }

    public function test_a_fault_that_is_always_there_is_found_on_any_drive(): void
    {
        foreach (['usual', 'straight', 'left-bends', 'right-bends', 'bumps', 'warm-up'] as $route) {
            $played = Played::on(Workbench::case([['tooth-missing', 'FR', '', 1.0]]))->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test', 'route' => $route], ['do' => 'read-codes']);
            self::assertNotSame([], Workbench::codes($played->shown()), $route);
        }
    }

    public function test_a_fault_that_did_not_act_may_act_on_the_next_drive(): void
    {
        $found = 0;
        foreach (range(1, 20) as $seed) {
            $played = $this->played(Provocation::WiggleModulePlug, "seed $seed")->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes']);
            $once = $this->codesAfter($played, 1);
            $found += $once === 0 && $this->codesAfter($played, 3) > 0 ? 1 : 0;
        }

        self::assertGreaterThan(2, $found);
    }

    public function test_the_right_repair_ends_it_and_the_car_is_sound_again(): void
    {
        $played = $this->played(Provocation::SteeringLeft)->secured()->do(['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR']);

        self::assertEquals($played->job->case->sound, $played->job->car->vehicle);
        self::assertNull($played->job->car->vehicle->channel('FR')->acting);
    }

    public function test_another_repair_leaves_it_in_either_state(): void
    {
        $played = $this->played(Provocation::SteeringLeft)->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR']);

        self::assertNotEquals($played->job->case->sound, $played->job->car->vehicle);
        self::assertNotNull($played->job->car->vehicle->channel('FR')->acting);
    }

    public function test_the_preview_shows_the_readings_while_provoked(): void
    {
        $rows = Preview::of(Workbench::case([['loom-open', 'FR', '1', 0.0, Provocation::SteeringLeft]]), Workbench::simulator())->rows;

        self::assertTrue($rows['ohms-from-module-plug']['FR']->differs);
        self::assertFalse($rows['ohms-from-module-plug']['FL']->differs);
    }

    public function test_nobody_wiggles_under_a_car_without_stands_and_nothing_shakes_without_the_engine(): void
    {
        $played = $this->played(Provocation::Vibration)->do(['do' => 'secure', 'step' => 'chock'], $this->provoke('vibration'));
        self::assertSame('engine-off', $played->shown()->refusal?->value);

        self::assertSame('unsecured', $played->do(['do' => 'secure', 'step' => 'raise'], $this->provoke('wiggle-cable'))->shown()->refusal?->value);
    }

    public function test_cleaning_a_ring_does_not_mend_the_crack_that_opens_when_it_is_hot(): void
    {
        $played = Played::on(Workbench::case([['ring-cracked', 'FR', '', 0.5, Provocation::Heat]]))->secured();
        $faulty = $played->job->car->vehicle;

        self::assertEquals($faulty, $played->do(['do' => 'repair', 'kind' => 'clean-ring', 'channel' => 'FR'])->job->car->vehicle);
        self::assertEquals($played->job->case->sound, $played->do(['do' => 'repair', 'kind' => 'replace-hub', 'channel' => 'FR'])->job->car->vehicle);
    }

    public function test_a_sensor_that_fails_when_hot_takes_that_along_to_the_other_side(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR', '', 0.0, Provocation::Heat]]))->secured()->do(['do' => 'swap-sensors', 'channel' => 'FR']);
        $vehicle = $played->job->car->vehicle;
        self::assertNull($vehicle->channel('FR')->acting);
        self::assertSame(Provocation::Heat, $vehicle->channel('FL')->acting?->provocation);

        $measure = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'];
        $played->do(['do' => 'unplug', 'plug' => 'FL.sensor-plug'], $measure);
        self::assertFalse($played->shown()->number('reading')?->overload);
        self::assertTrue($played->do($this->provoke('heat', 'FL'), $measure)->shown()->number('reading')?->overload);
    }

    public function test_swapped_there_and_back_the_parts_are_as_before(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR', '', 0.0, Provocation::Heat], ['tip-dusty', 'FL', '', 0.6]]))->secured();
        $before = $played->job->car->vehicle;
        $swap = ['do' => 'swap-sensors', 'channel' => 'FR'];

        self::assertNotEquals($before, $played->do($swap)->job->car->vehicle);
        self::assertEquals($before, $played->do($swap)->job->car->vehicle);
    }

    public function test_a_lasting_fault_beside_one_that_comes_and_goes_leaves_it_be(): void
    {
        $vehicle = Workbench::case([['loom-open', 'FR', '1', 0.0, Provocation::SteeringLeft], ['gap-large', 'FR', '', 0.0009]])->faultyVehicle();
        $channel = $vehicle->channel('FR');

        self::assertEqualsWithDelta(0.00152, $channel->wheelEnd->gapMetres, 0.0001);
        self::assertEqualsWithDelta($channel->wheelEnd->gapMetres, $channel->acting?->channel->wheelEnd->gapMetres, 1e-12);
        self::assertNotEquals($channel->cable('loom'), $channel->acting?->channel->cable('loom'));
    }

    public function test_two_faults_that_come_and_go_together_both_act(): void
    {
        $acting = Workbench::case([['loom-open', 'FR', '1', 0.0, Provocation::Heat], ['coil-open', 'FR', '', 0.0, Provocation::Heat]])->faultyVehicle()->channel('FR')->acting?->channel;
        $sound = Workbench::vehicle()->channel('FR');

        self::assertNotEquals($sound->cable('loom'), $acting?->cable('loom'));
        self::assertNotEquals($sound->sensor, $acting?->sensor);
    }

    public function test_whoever_drives_lets_go(): void
    {
        $played = $this->played(Provocation::WiggleLoom)->secured()->do(
            $this->provoke('wiggle-loom'), ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'],
        );
        self::assertNotNull($played->job->car->state->connections->provoked);

        self::assertNull($played->do(['do' => 'road-test'])->job->car->state->connections->provoked);
        self::assertNull($played->do($this->provoke('heat'), ['do' => 'live-speeds', 'kilometresPerHour' => 30.0])->job->car->state->connections->provoked);
    }

    /** How many codes there are after this many more road tests. */
    private function codesAfter(Played $played, int $drives): int
    {
        return count(Workbench::codes($played->do(...array_fill(0, $drives, ['do' => 'road-test']))->do(['do' => 'read-codes'])->shown()));
    }

    private function played(Provocation $how, string $seed = 'a'): Played
    {
        return Played::on(Workbench::case([['loom-open', 'FR', '1', 0.0, $how]]), $seed);
    }

    /** @return array<string, string> */
    private function provoke(string $how, string $channel = 'FR'): array
    {
        return ['do' => 'provoke', 'how' => $how, 'channel' => $channel];
    }

    public function test_a_car_is_bounced_on_its_wheels_only_and_at_one_corner(): void
    {
        $case = Workbench::case([['loom-open', 'FR', '1', 0.0, Provocation::Bumps]]);
        $ohms = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];
        $played = Played::on($case)->do(['do' => 'unplug', 'plug' => 'module-plug'], ['do' => 'provoke', 'how' => 'bumps', 'channel' => 'FR'], $ohms);
        self::assertTrue($played->shown()->number('reading')?->overload);
        self::assertFalse($played->do(['do' => 'provoke', 'how' => 'bumps', 'channel' => 'FL'], $ohms)->shown()->number('reading')?->overload);

        self::assertSame('raised', Played::on($case)->secured()->do(['do' => 'provoke', 'how' => 'bumps', 'channel' => 'FR'])->shown()->refusal?->value);
    }
}
