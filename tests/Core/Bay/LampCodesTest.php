<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\PressPedal;
use Lernfall\Bay\LampCodes\PullParkingBrake;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scan\ScanTool;
use Lernfall\Drive\Route;
use Lernfall\Module\Blinking;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\BlinkTiming;
use Lernfall\Vehicle\CheckMode;
use Lernfall\Vehicle\CheckSpeed;
use Lernfall\Vehicle\LampCodes;
use Lernfall\Vehicle\ModuleSpecification;
use Lernfall\Vehicle\PedalClearing;
use Lernfall\Vehicle\PowerCycle;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/**
 * Codes counted from a lamp, the pedal, and the check mode, with the windows that are common practice (no source): 8 presses
 * within 3 s clear, exactly 5 within 2 s start the check mode, 16 leave it, levels are judged at 4 to 6 km/h and evenness at
 * 45 to 55 km/h.
 */
final class LampCodesTest extends TestCase
{
    public function test_an_open_wire_is_counted_from_the_lamp(): void
    {
        $bench = $this->bench('loom-open');
        $bench->do(new TurnKey(Ignition::On));
        self::assertSame('on', $bench->do(new WatchLamp)->word('lamp'), 'with the connector closed it just burns');
        $bench->do(new OpenCheckConnector(true));

        self::assertSame('blinks', $bench->do(new LookAtLamps)->word('abs'));
        self::assertSame(['21'], $this->counted($bench));
    }

    #[TestWith([8, 3.0, true])]
    #[TestWith([11, 2.9, true])]
    #[TestWith([7, 3.0, false])]
    #[TestWith([8, 3.2, false])]
    public function test_enough_presses_in_time_clear(int $times, float $seconds, bool $clears): void
    {
        $bench = $this->bench('loom-open');
        $bench->do(new TurnKey(Ignition::On), new OpenCheckConnector(true), new PressPedal($times, $seconds));

        self::assertSame($clears ? [] : ['21'], $this->counted($bench));
        $bench->do(new TurnKey(Ignition::Off));
        $bench->do(new TurnKey(Ignition::On));
        self::assertSame(['21'], $this->counted($bench), 'the wire is still open');
    }

    public function test_the_pedal_clears_nothing_while_the_connector_is_closed(): void
    {
        $bench = $this->bench('loom-open');
        $bench->do(new TurnKey(Ignition::On), new PressPedal(9, 2.0), new OpenCheckConnector(true));

        self::assertSame(['21'], $this->counted($bench));
    }

    #[TestWith([5, 2.0, true])]
    #[TestWith([4, 1.5, false])]
    #[TestWith([6, 2.0, false])]
    #[TestWith([5, 2.4, false])]
    public function test_the_check_mode_wants_its_exact_count(int $times, float $seconds, bool $starts): void
    {
        $bench = $this->inCheckMode(null, $times, $seconds);

        self::assertSame($starts ? '0.125 0.125' : '0.250 0.250', $bench->do(new WatchLamp)->word('lamp'), 'twice as fast as normal');
    }

    public function test_the_check_mode_wants_a_fresh_start_of_the_engine(): void
    {
        $bench = $this->bench(null);
        $bench->do(new OpenCheckConnector(true), new TurnKey(Ignition::On), new PressPedal(5, 2.0));
        self::assertSame('0.250 0.250', $bench->do(new WatchLamp)->word('lamp'), 'the engine does not run');
        $bench->do(new TurnKey(Ignition::Running), new PressPedal(5, 2.0));
        self::assertSame('0.250 0.250', $bench->do(new WatchLamp)->word('lamp'), 'the pedal has been pressed before');
    }

    public function test_key_parking_brake_and_many_presses_leave_it(): void
    {
        foreach ([new PullParkingBrake, new PressPedal(16, 12.0)] as $leaving) {
            $bench = $this->inCheckMode('gap-large');
            self::assertSame(['75'], $this->counted($this->checked($bench)));
            $bench->do($leaving);
            self::assertNotSame(['75'], $this->counted($bench));
        }
        $bench = $this->checked($this->inCheckMode('gap-large'));
        $bench->do(new PressPedal(7, 4.0), new PressPedal(8, 5.0));
        self::assertSame(['75'], $this->counted($bench), 'fifteen are not yet enough');
        $bench->do(new TurnKey(Ignition::Off), new TurnKey(Ignition::Running));
        self::assertNotSame(['75'], $this->counted($bench));
    }

    public function test_the_check_drive_finds_a_weak_level_and_an_uneven_signal(): void
    {
        $weak = $this->inCheckMode('gap-large');
        $lamp = $weak->do(new RoadTest(Route::CheckRun));
        self::assertSame(['stays-on', 'resumes'], [$lamp->word('level-lamp'), $lamp->word('steady-lamp')]);
        self::assertSame(['75'], $this->counted($weak));

        $uneven = $this->inCheckMode('ring-bent');
        $lamp = $uneven->do(new RoadTest(Route::CheckRun));
        self::assertSame('stays-on', $lamp->word('steady-lamp'));
        self::assertContains('85', $this->counted($uneven));

        $sound = $this->inCheckMode(null);
        $lamp = $sound->do(new RoadTest(Route::CheckRun));
        self::assertSame(['resumes', 'resumes'], [$lamp->word('level-lamp'), $lamp->word('steady-lamp')]);
        self::assertSame([], $this->counted($sound));
    }

    public function test_any_other_drive_spoils_the_check(): void
    {
        $bench = $this->inCheckMode('gap-large');

        self::assertSame('spoiled', $bench->do(new RoadTest(Route::Usual))->word('level-lamp'));
        self::assertSame('0.125 0.125', $bench->do(new WatchLamp)->word('lamp'), 'nothing has been judged');
    }

    #[TestWith([1.0, 1.0, true])]
    #[TestWith([1.4, 0.7, true])]
    #[TestWith([3.0, 1.0, false])]
    #[TestWith([1.0, 0.2, false])]
    public function test_a_trailer_answers_on_off_on_in_its_rhythm(float $on, float $off, bool $answers): void
    {
        $rules = new LampCodes(1, new BlinkTiming(0.5, 1.5, 2.5, 4.0, 0.5), new PedalClearing(0, 0.0), null, new PowerCycle(1.0, 1.0, 0.5));
        $vehicle = $this->with(Workbench::vehicle('ostrel-t2'), $rules);
        $fault = Workbench::catalogue()->fault($vehicle, 'coil-open', 'RL');
        $bench = Workbench::with(Car::true($fault->applyTo($vehicle), $vehicle, 'a'));
        $lamp = $bench->do(new CyclePower($on, $off))->word('lamp');

        self::assertSame($answers ? ['5'] : 'on', $answers ? Blinking::fromText($lamp)->counted($rules) : $lamp);
    }

    public function test_no_scan_tool_finds_such_a_module(): void
    {
        $bench = $this->bench('loom-open');
        $bench->do(new TurnKey(Ignition::On));

        self::assertSame('not-listed', $bench->do(new ReadCodes)->kind);
        self::assertSame('other', $bench->do(new ReadCodes('engine'))->word('answer'));
    }

    public function test_a_simple_reader_sees_no_brake_module_and_another_system_only_misses_it(): void
    {
        $bench = Workbench::withFault('fuse-blown', Vehicle::WHOLE);
        $bench->do(new TurnKey(Ignition::On));
        self::assertSame('not-listed', $bench->do(new ReadCodes(tool: ScanTool::Reader))->kind);
        self::assertSame('present', $bench->do(new ReadCodes('engine', ScanTool::Reader))->word('U0121-00'));
        self::assertSame('no-answer', $bench->do(new ReadCodes)->kind);

        $sound = Workbench::healthy();
        $sound->do(new TurnKey(Ignition::On));
        self::assertSame('absent', $sound->do(new ReadCodes('engine'))->word('U0121-00'));
    }

    /** Counted from about nine kilometres an hour on: neither missing nor in order. */
    public function test_a_signal_that_comes_late_sets_the_code_of_its_signal(): void
    {
        $vehicle = Workbench::vehicle('mirl-10');
        $fault = Workbench::catalogue()->fault($vehicle, 'gap-large', 'FR', '', 0.00065);
        $bench = Workbench::with(CustomerHistory::of(Car::true($fault->applyTo($vehicle), $vehicle, 'a')));
        $bench->do(new TurnKey(Ignition::On), new OpenCheckConnector(true));

        self::assertSame(['26'], $this->counted($bench));
        self::assertSame('present', $bench->car->state->memory->status('FR', Failure::Weak)?->value);
        self::assertNull($bench->car->state->memory->status('FR', Failure::NoSignal));
    }

    public function test_a_tool_set_to_another_vehicle_gets_no_answer(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new TurnKey(Ignition::On));
        self::assertSame('no-answer', $bench->do(new ReadCodes(vehicle: 'lendo-15'))->kind);
        self::assertFalse($bench->car->state->session->inSession);
        self::assertSame('codes', $bench->do(new ReadCodes(vehicle: 'harl-13'))->kind);
    }

    private function bench(?string $kind): Workbench
    {
        $vehicle = $this->with(Workbench::vehicle('mirl-10'), new LampCodes(
            2, new BlinkTiming(0.5, 1.5, 2.5, 4.0, 0.5), new PedalClearing(8, 3.0),
            new CheckMode(5, 2.0, 16, new CheckSpeed(5.0 / 3.6, 1.0 / 3.6), new CheckSpeed(50.0 / 3.6, 5.0 / 3.6), 0.6, ['FL' => '75', 'FR' => '76', 'RL' => '77', 'RR' => '78'], ['FL' => '85', 'FR' => '86', 'RL' => '87', 'RR' => '88']),
            null,
        ));
        $faulty = $kind === null ? $vehicle : Workbench::catalogue()->fault($vehicle, $kind, 'FL', $kind === 'loom-open' ? '1' : '')->applyTo($vehicle);

        return Workbench::with(CustomerHistory::of(Car::true($faulty, $vehicle, 'a')));
    }

    private function inCheckMode(?string $kind, int $times = 5, float $seconds = 2.0): Workbench
    {
        $bench = $this->bench($kind);
        $bench->do(new OpenCheckConnector(true), new TurnKey(Ignition::Running), new PressPedal($times, $seconds));

        return $bench;
    }

    private function checked(Workbench $bench): Workbench
    {
        $bench->do(new RoadTest(Route::CheckRun));

        return $bench;
    }

    /** @return list<string> */
    private function counted(Workbench $bench): array
    {
        $rules = $bench->car->vehicle->module->lampCodes;
        self::assertNotNull($rules);

        return Blinking::fromText($bench->do(new WatchLamp)->word('lamp'))->counted($rules);
    }

    private function with(Vehicle $vehicle, LampCodes $rules): Vehicle
    {
        $module = $vehicle->module;

        return $vehicle->withModule(new ModuleSpecification($module->plugId, $module->monitors, $module->dialect, $module->lamps, $module->withholdsSupply, $rules));
    }
}
