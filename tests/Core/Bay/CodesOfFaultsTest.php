<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\EndSession;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Drive\Route;
use Lernfall\Fault\Fault;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\LampOut;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What the module of every car makes of every fault it can have: which class of code, when, which lamps, and how it ends. */
final class CodesOfFaultsTest extends TestCase
{
    private const CARS = ['harl-13', 'lendo-15', 'brack-22'];

    private const BY_LAMP = ['mirl-10', 'ostrel-t2'];

    /** What sits there has a table of its own. */
    private const ELSEWHERE = ['hydraulics', 'switches', 'lamps'];

    /** Causes that are in the memory only. */
    private const REMEMBERED = ['old-code', 'spun-on-lift'];

    /** Circuits that break for as long as something provokes them, and a sensor that dies of pins in the wrong places. */
    private const BROKEN_ON_THE_WAY = ['coil-opens-hot', 'loom-chafed', 'plug-pins-swapped'];

    /** Makes of parts and wear that no monitor minds in any strength. */
    private const SILENT_EVERYWHERE = ['tooth-chipped', 'ring-lifted'];

    /** @return iterable<string, array{string, string}> */
    public static function faults(): iterable
    {
        foreach (self::CARS as $car) {
            foreach (Workbench::catalogue()->entries as $entry) {
                if (! in_array($entry->kind->station, self::ELSEWHERE, true) && $entry->kind->places(Workbench::vehicle($car)) !== []) {
                    yield "{$entry->kind->id} on $car" => [$car, $entry->kind->id];
                }
            }
        }
    }

    #[DataProvider('faults')]
    public function test_what_stands_at_standstill_comes_with_the_key_and_the_rest_on_the_road(string $id, string $kind): void
    {
        $car = $this->faulty($id, $kind);
        $electrical = $this->codesOf($car->vehicle, Failure::electrical());
        $atKeyOn = array_keys(Workbench::codes(Workbench::with($car)->do(new TurnKey(Ignition::Running), new ReadCodes)));
        $onArrival = array_keys(Workbench::codes(Workbench::with(CustomerHistory::of($car))->do(new TurnKey(Ignition::Running), new ReadCodes)));

        if (in_array($kind, self::REMEMBERED, true)) {
            self::assertNotSame([], $onArrival);

            return;
        }
        self::assertSame([], array_diff($atKeyOn, $electrical), 'found at standstill');
        if (! in_array($kind, self::BROKEN_ON_THE_WAY, true)) {
            self::assertSame([], array_intersect(array_diff($onArrival, $atKeyOn), $electrical), 'found on the road');
        }
        self::assertSame([], array_diff($atKeyOn, $onArrival), 'what stands is still there after a drive');
        if (in_array($kind, self::SILENT_EVERYWHERE, true)) {
            self::assertSame([], $onArrival);
        }
    }

    #[DataProvider('faults')]
    public function test_the_lamps_burn_as_long_as_the_module_has_reason_to(string $id, string $kind): void
    {
        $bench = Workbench::with(CustomerHistory::of($this->faulty($id, $kind)));
        $codes = $bench->do(new TurnKey(Ignition::Running), new ReadCodes);
        $reason = $codes->word('answer') === 'no' || in_array('present', Workbench::codes($codes), true)
            || $bench->car->vehicle->module->lamps->out === LampOut::Rolled && in_array($kind, self::BROKEN_ON_THE_WAY, true) && Workbench::codes($codes) !== [] // not driven since
            || $bench->car->vehicle->module->lamps->out === LampOut::Cleared && in_array('history', Workbench::codes($codes), true);
        self::assertSame($reason ? 'on' : 'off', $this->absLamp($bench));
    }

    #[DataProvider('faults')]
    public function test_after_the_right_repair_all_is_history_and_clearing_ends_it(string $id, string $kind): void
    {
        $arrived = CustomerHistory::of($this->faulty($id, $kind));
        $bench = Workbench::with($arrived->withVehicle($arrived->sound));
        $bench->do(new TurnKey(Ignition::Running), new RoadTest);
        self::assertSame([], array_diff(Workbench::codes($bench->do(new ReadCodes)), ['history', 'pending']));

        $bench->do(new ClearCodes, new TurnKey(Ignition::Off), new TurnKey(Ignition::Running));
        $read = $bench->do(new ReadCodes);
        self::assertSame([], Workbench::codes($read));
        self::assertSame('off', $this->absLamp($bench));
        self::assertSame('tested', $read->word('test.open'));
        self::assertSame('not-retested', $read->word('test.no-signal'), 'only what is tested at standstill can have come back');

        $driven = $bench->do(new RoadTest, new ReadCodes);
        self::assertSame([], Workbench::codes($driven));
        self::assertSame('tested', $driven->word('test.no-signal'));
    }

    /** @return array<string, array{string, Route}> */
    public static function drives(): array
    {
        $drives = [];
        foreach ([...self::CARS, ...self::BY_LAMP] as $car) {
            foreach (Route::cases() as $route) {
                $drives["$car, $route->value"] = [$car, $route];
            }
        }

        return $drives;
    }

    #[DataProvider('drives')]
    public function test_a_sound_car_sets_no_code_on_any_drive(string $id, Route $route): void
    {
        foreach (range(1, 10) as $seed) {
            $bench = Workbench::healthyCar($id, "car $seed");
            self::assertSame([], Workbench::codes($bench->do(new TurnKey(Ignition::Running), new RoadTest($route), new RoadTest($route), new ReadCodes)));
            self::assertTrue($bench->car->state->memory->isEmpty());
            self::assertSame('off', $this->absLamp($bench));
        }
    }

    public function test_each_car_puts_its_lamp_out_in_its_own_way(): void
    {
        $out = [];
        foreach (self::CARS as $id) {
            $car = $this->faulty($id, 'loom-open');
            $bench = Workbench::with($car);
            $bench->do(new TurnKey(Ignition::On));
            $bench->car = $bench->car->withVehicle($bench->car->sound);
            $bench->do(new TurnKey(Ignition::Off), new TurnKey(Ignition::Running));
            $lamps = [$this->absLamp($bench)];
            $bench->do(new RoadTest(Route::Straight));
            $lamps[] = $this->absLamp($bench);
            $bench->do(new ClearCodes);
            $out[$id] = [...$lamps, $this->absLamp($bench)];
        }

        self::assertSame(['harl-13' => ['on', 'off', 'off'], 'lendo-15' => ['off', 'off', 'off'], 'brack-22' => ['on', 'on', 'off']], $out);
    }

    public function test_a_code_tells_at_what_speed_and_in_which_bend_it_was_set(): void
    {
        $arrived = CustomerHistory::of($this->faulty('lendo-15', 'loom-chafed'));
        $read = Workbench::with($arrived)->do(new TurnKey(Ignition::On), new ReadCodes);
        $code = $this->codesOf($arrived->vehicle, [Failure::ShortToGround])[0];

        self::assertSame('history', $read->word($code));
        self::assertSame('left', $read->word("$code.steering"));
        self::assertEqualsWithDelta(8.5, $read->number("$code.speed")?->si, 0.3, 'the speed in bends');
        self::assertEqualsWithDelta(14.2, $read->number("$code.volts")?->si, 0.3, 'the engine ran');
    }

    /** A frame of nothing would give an old code away. */
    public function test_a_code_left_by_earlier_work_has_a_frame_like_any_other(): void
    {
        foreach (['old-code' => [0.0, 12.6], 'spun-on-lift' => [12.0 / 3.6, 14.2]] as $kind => [$speed, $volts]) {
            $arrived = CustomerHistory::of($this->faulty('lendo-15', $kind));
            $read = Workbench::with($arrived)->do(new TurnKey(Ignition::On), new ReadCodes);
            $code = array_key_first(Workbench::codes($read));
            self::assertEqualsWithDelta($speed, $read->number("$code.speed")?->si, 0.3, $kind);
            self::assertEqualsWithDelta($volts, $read->number("$code.volts")?->si, 0.1, $kind);
        }
    }

    public function test_what_a_van_sees_once_is_pending_and_what_it_sees_in_two_cycles_is_kept(): void
    {
        $bench = Workbench::with($this->faulty('brack-22', 'tooth-missing'));
        $drive = [new TurnKey(Ignition::Running), new RoadTest, new ReadCodes];
        self::assertContains('pending', Workbench::codes($bench->do(...$drive)));
        self::assertSame('off', $this->absLamp($bench));

        self::assertContains('present', Workbench::codes($bench->do(new TurnKey(Ignition::Off), ...$drive)));
        self::assertSame('on', $this->absLamp($bench));
    }

    public function test_a_companion_comes_and_goes_with_what_it_follows(): void
    {
        $codes = Workbench::codes(Workbench::with(CustomerHistory::of($this->faulty('brack-22', 'tooth-missing')))->do(new TurnKey(Ignition::On), new ReadCodes));
        self::assertSame(['C0035-2F' => 'pending', 'C1288-62' => 'pending'], $codes);

        self::assertArrayNotHasKey('C1288-62', Workbench::codes(Workbench::with($this->faulty('brack-22', 'loom-open'))->do(new TurnKey(Ignition::On), new ReadCodes)));
    }

    private function faulty(string $id, string $kind): Car
    {
        $sound = Workbench::vehicle($id);
        $entry = Workbench::catalogue()->entry($kind);
        $place = $entry->kind->places($sound)[0];
        $conductor = $entry->kind->onConductor ? $sound->channel($place)->conductors[0]->id : '';
        $fault = new Fault($entry->kind, $place, $conductor, $entry->strengths[count($entry->strengths) - 1], $entry->kind->nature);

        return Car::true($fault->applyTo($sound), $sound, 'a');
    }

    private function absLamp(Workbench $bench): string
    {
        $lamps = $bench->do(new EndSession, new LookAtLamps);
        self::assertInstanceOf(Observation::class, $lamps);

        return $lamps->word('abs');
    }

    /**
     * @param  list<Failure>  $failures
     * @return list<string>
     */
    private function codesOf(Vehicle $vehicle, array $failures): array
    {
        $codes = [];
        foreach ($vehicle->channelIds() as $channel) {
            foreach ($failures as $failure) {
                $codes[] = $vehicle->module->dialect->code($channel, $failure->value);
            }
        }

        return array_values(array_filter($codes));
    }
}
