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
            self::assertSame([], Workbench::codes($played->do(['do' => 'read-codes'])->shown()));
            $codes[] = array_keys(Workbench::codes($played->do(['do' => 'road-test'], ['do' => 'read-codes'])->shown()))[0] ?? 'none';
        }

        self::assertEqualsCanonicalizing(['C0040-2F', 'none'], array_values(array_unique($codes)));
    }

    public function test_a_fault_that_did_not_act_may_act_on_the_next_drive(): void
    {
        $found = 0;
        foreach (range(1, 20) as $seed) {
            $played = $this->played(Provocation::WiggleModulePlug, "seed $seed")->do(['do' => 'ignition', 'to' => 'running']);
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
        self::assertSame('engine-off', $played->shown()->refusal);

        self::assertSame('unsecured', $played->do(['do' => 'secure', 'step' => 'raise'], $this->provoke('wiggle-cable'))->shown()->refusal);
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
}
