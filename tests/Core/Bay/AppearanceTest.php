<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Evidence\Portrait\PortraitLooks;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What each fault looks like, by the parameters its pictures are drawn from. Common practice, no source. */
final class AppearanceTest extends TestCase
{
    private const VEHICLES = ['harl-13', 'lendo-15', 'brack-22'];

    /** An eye that overlooks something on one car sees it on another. */
    private const CARS = 12;

    /** @var array<string, array<string, list<string>>> by kind and place: what is drawn otherwise than on the same car without the fault */
    private const DRAWN = [
        'plug-corroded' => ['sensor-plug' => ['crust.1']],
        'plug-pin-back' => ['sensor-plug' => ['backMillimetres.1']],
        'plug-pins-swapped' => ['sensor-plug' => ['colour.1', 'colour.2']],
        'plug-unlatched' => ['sensor-plug' => ['catch']],
        'body-plug-corroded' => ['body-plug' => ['crust.1']],
        'module-plug-corroded' => ['module-plug' => ['crust.1']],
        'module-plug-pin-back' => ['module-plug' => ['backMillimetres.1']],
        'module-inputs-crossed' => ['module-plug' => ['colour.1', 'colour.2']],
        'module-inputs-crossed-along' => ['module-plug' => ['colour.1', 'colour.2']],
        'gap-large' => ['gap' => ['gapMillimetres']],
        'sensor-loose' => ['gap' => ['gapMillimetres']],
        'loom-grounded' => ['cable' => ['bare', 'openMillimetres']],
        'loom-to-supply' => ['cable' => ['bare', 'openMillimetres']],
        'loom-chafed' => ['cable' => ['bare', 'openMillimetres']],
        'loom-wires-together' => ['cable' => ['bare', 'openMillimetres']],
        'loom-untwisted' => ['cable' => ['cover']],
        'ring-cracked' => ['ring' => ['gapePitches']],
        'ring-dirty' => ['ring' => ['dirt']],
        'ring-swollen' => ['ring' => ['rust', 'eaten']],
        'ring-bent' => ['ring' => ['wobbleMillimetres']],
        'ring-lifted' => ['ring' => ['liftMillimetres']],
        'tooth-missing' => ['ring' => ['gone']],
        'tooth-chipped' => ['ring' => ['chipped']],
        'encoder-damaged' => ['ring' => ['gone'], 'film' => ['gone']],
        'tip-dusty' => ['tip' => ['dust']],
        'sensor-other-direction' => ['tip' => ['stamp']],
        'sensor-wrong-part' => ['tip' => ['stamp']],
        'sensor-other-make' => ['tip' => ['stamp']],
        'tyre-other-size' => ['tyre' => ['size']],
        'tyre-soft' => ['tyre' => ['bulge']],
        'linings-worn' => ['linings' => ['thickMillimetres'], 'fluid' => ['level']],
        'lining-oily' => ['linings' => ['wet']],
        'brake-line-leaking' => ['brake-line' => ['wet'], 'fluid' => ['level']],
        'fluid-low' => ['fluid' => ['level']],
        'fuse-blown' => ['fuse' => ['wire']],
        'relay-burnt' => ['relay' => ['burn']],
        'ground-rusty' => ['ground' => ['rust']],
        'pump-fuse-blown' => ['pump-fuse' => ['wire']],
        'valve-fuse-blown' => ['valve-fuse' => ['wire']],
        'pump-relay-burnt' => ['pump-relay' => ['burn']],
        'valve-relay-burnt' => ['valve-relay' => ['burn']],
        'pump-relay-welded' => ['pump-relay' => ['apartMillimetres']],
        'valve-relay-welded' => ['valve-relay' => ['apartMillimetres']],
        'unit-ground-rusty' => ['unit-ground' => ['rust']],
        'stop-lamp-switch-stuck' => ['pedal-switch' => ['clearMillimetres', 'restMillimetres']],
        'stop-lamp-switch-open' => ['pedal-switch' => ['workedMillimetres']],
        'parking-brake-switch-stuck' => ['lever-switch' => ['clearMillimetres', 'restMillimetres']],
        'parking-brake-switch-open' => ['lever-switch' => ['workedMillimetres']],
        'brake-pipes-crossed' => ['unit-pipes' => ['leads.1', 'leads.2']],
        'brake-pipes-crossed-along' => ['unit-pipes' => ['leads.1', 'leads.3']],
    ];

    /** @return iterable<string, array{CatalogueEntry}> */
    public static function kinds(): iterable
    {
        foreach (Workbench::catalogue()->entries as $entry) {
            yield $entry->kind->id => [$entry];
        }
    }

    /** Where nothing of it comes to the eye, or it is overlooked, it is drawn exactly as sound: a dead module, an open coil, strands broken inside. */
    #[DataProvider('kinds')]
    public function test_a_picture_differs_by_what_is_to_be_seen_and_by_nothing_else(CatalogueEntry $entry): void
    {
        $differs = [];
        [$sound, $faulty, $place] = self::vehicles($entry);
        foreach (PortraitLooks::of($sound, $place) as [$before, $look]) {
            for ($car = 1; $look instanceof LookAt && $car <= self::CARS; $car++) {
                $usual = self::seen(Car::ideal($sound, $sound, "car $car"), $before, $look);
                $shown = self::seen(Car::ideal($faulty, $sound, "car $car"), $before, $look);
                if ($usual->word('sight') === $shown->word('sight')) {
                    self::assertSame(self::shows($usual), self::shows($shown), "{$look->at->value}, car $car");

                    continue;
                }
                self::assertSame($usual->picture?->drawing, $shown->picture?->drawing);
                $parameters = array_keys(array_diff_assoc(self::shows($shown), self::shows($usual)));
                $differs[$look->at->value] = array_values(array_unique([...$differs[$look->at->value] ?? [], ...$parameters]));
            }
        }

        self::assertEqualsCanonicalizing(self::DRAWN[$entry->kind->id] ?? [], $differs);
    }

    /** @return iterable<string, array{string, Sight, string}> kind of fault, place, harmless trait */
    public static function harmless(): iterable
    {
        yield 'rust on a ring' => ['ring-swollen', Sight::Ring, 'rust'];
        yield 'a ring rusty all over' => ['tooth-missing', Sight::Ring, 'rust'];
        yield 'a scuffed cable' => ['loom-grounded', Sight::Cable, 'scuffed'];
        yield 'a dirty plug' => ['plug-corroded', Sight::SensorPlug, 'dirt'];
        yield 'dull pins' => ['plug-corroded', Sight::SensorPlug, 'dull.1'];
        yield 'dull paint' => ['ground-rusty', Sight::Ground, 'dull'];
        yield 'dust in a wheel' => ['linings-worn', Sight::Linings, 'dust'];
    }

    /** A sound part with marks is as rusty, scuffed or dirty as a faulty one may be, and none has nothing of it. */
    #[DataProvider('harmless')]
    public function test_harmless_marks_tell_nothing(string $kind, Sight $at, string $trait): void
    {
        $entry = Workbench::catalogue()->entries[$kind];
        [$sound, $faulty, $place] = self::vehicles($entry);
        $before = array_values(array_filter(PortraitLooks::of($sound, $place), static fn (array $one): bool => $one[1] instanceof LookAt && $one[1]->at === $at));
        [$actions, $look] = $before[count($before) - 1];
        $ranges = [];
        foreach ([$sound, $faulty] as $vehicle) {
            $amounts = array_map(static fn (int $car): float => (float) (self::seen(Car::true($vehicle, $sound, "car $car"), $actions, $look)->picture->shows[$trait] ?? NAN), range(1, 40));
            $ranges[] = [min($amounts), max($amounts)];
        }

        self::assertGreaterThan(0.0, $ranges[0][0], 'none without any');
        self::assertGreaterThan($ranges[0][0], $ranges[0][1]);
        self::assertGreaterThanOrEqual($ranges[1][0], $ranges[0][1], 'the most of it on sound cars reaches the least on faulty ones');
    }

    public function test_a_second_look_at_an_unchanged_part_shows_the_same(): void
    {
        foreach ([Workbench::healthy(), Workbench::withFault('tooth-missing', 'FL')] as $bench) {
            $bench->secured();
            $look = new LookAt('FL', Sight::Ring);
            self::assertEquals($bench->do($look)->picture, $bench->do($look)->picture);
        }
    }

    /** A sensor takes its scratches along to the other side, and what is fitted new has marks of its own. */
    public function test_marks_belong_to_the_part(): void
    {
        $bench = Workbench::healthy()->secured();
        $tip = static fn (string $channel): array => array_diff_key(self::shows($bench->do(new LookAt($channel, Sight::Tip))), ['stamp' => '']);
        $ring = static fn (): array => self::shows($bench->do(new LookAt('FL', Sight::Ring)));
        [$left, $right, $teeth] = [$tip('FL'), $tip('FR'), $ring()];
        self::assertNotSame($left, $right);
        $bench->do(new SwapSensors('FL'));
        self::assertSame([$right, $left], [$tip('FL'), $tip('FR')]);

        $bench->do(new Repair(RepairKind::ReplaceSensor, 'FL'));
        self::assertNotSame($right, $tip('FL'));
        self::assertSame($left, $tip('FR'));
        self::assertSame($teeth, $ring());
        $bench->do(new Repair(RepairKind::ReplaceHub, 'FL'));
        self::assertNotSame($teeth, $ring());
    }

    /** What is fitted new at the unit, the supply, a switch or a brake has not got the marks of what came out. */
    #[TestWith([RepairKind::ReplaceFuse, 'car', Sight::Fuse])]
    #[TestWith([RepairKind::ReplaceRelay, 'car', Sight::Relay])]
    #[TestWith([RepairKind::ReplaceUnitFuse, 'car', Sight::PumpFuse])]
    #[TestWith([RepairKind::ReplaceValveRelay, 'car', Sight::ValveRelay])]
    #[TestWith([RepairKind::ReplaceStopLampSwitch, 'car', Sight::PedalSwitch])]
    #[TestWith([RepairKind::ReplaceBrakeHose, 'FL', Sight::BrakeLine])]
    public function test_what_is_fitted_new_has_marks_of_its_own(RepairKind $kind, string $place, Sight $at): void
    {
        $differ = 0;
        foreach (range(1, 6) as $car) {
            $bench = Workbench::healthy("car $car")->secured();
            $seen = static fn (): array => self::shows($bench->do(new LookAt($place, $at)));
            $before = $seen();
            self::assertSame($before, $seen());
            $bench->do(new Repair($kind, $place));
            $differ += $before === $seen() ? 0 : 1;
        }
        self::assertGreaterThan(0, $differ, 'marks are drawn in steps: now and then two parts have the same');
    }

    public function test_two_sides_of_one_car_differ_in_harmless_marks(): void
    {
        $bench = Workbench::healthy()->secured();

        self::assertNotEquals($bench->do(new LookAt('FL', Sight::Ring))->picture, $bench->do(new LookAt('FR', Sight::Ring))->picture);
    }

    /** Relays in one housing with the unit are out of sight, and what has no unit has none of its places. */
    public function test_there_is_to_see_what_the_car_has(): void
    {
        $names = static fn (string $id): array => array_column(Sight::ofTheCar(Workbench::vehicle($id)), 'value');
        self::assertSame(['fuse', 'relay', 'ground', 'fluid', 'unit-pipes', 'pump-fuse', 'pump-relay', 'valve-fuse', 'valve-relay', 'unit-ground', 'pedal-switch', 'lever-switch'], $names('harl-13'));
        self::assertSame(['pump-relay', 'valve-relay'], array_values(array_diff($names('harl-13'), $names('brack-22'))));
        self::assertSame(['fuse', 'relay', 'ground'], $names('ostrel-t2'));

        $this->expectExceptionObject(UnfitAction::unknown('at', 'pump-relay'));
        Played::on(Workbench::case([['sensor-dead', 'FR']], Workbench::vehicle('brack-22')))->do(['do' => 'look', 'channel' => 'car', 'at' => 'pump-relay']);
    }

    /** Two pipes that change places cross on the picture; each port keeps its stamp. */
    public function test_pipes_are_drawn_to_where_they_lead(): void
    {
        $leads = [];
        foreach (range(1, self::CARS) as $car) {
            $shows = Workbench::withFault('brake-pipes-crossed', 'RL', seed: "car $car")->do(new LookAt(Vehicle::WHOLE, Sight::UnitPipes))->picture->shows ?? [];
            self::assertSame(['FL', 'FR', 'RL', 'RR'], [$shows['port.1'], $shows['port.2'], $shows['port.3'], $shows['port.4']]);
            $leads[] = implode(' ', [$shows['leads.1'], $shows['leads.2'], $shows['leads.3'], $shows['leads.4']]);
        }
        self::assertEqualsCanonicalizing(['FL FR RR RL', 'FL FR RL RR'], array_values(array_unique($leads)), 'seen by some, overlooked by others');
    }

    /** Whoever only reckons with a car has no picture of it: what speaks for it is the chance of each word. */
    public function test_a_car_that_could_be_standing_there_has_no_picture(): void
    {
        $sound = Workbench::vehicle();
        foreach (Workbench::simulator()->predict(Car::hypothesis($sound, $sound), new LookAt(Vehicle::WHOLE, Sight::Fuse)) as $branch) {
            self::assertNull($branch->prediction->picture);
        }
    }

    /** @return array<string, float|string> whether the wheel can be turned is for the hands to find */
    private static function shows(Observation $seen): array
    {
        return array_diff_key($seen->picture->shows ?? [], ['turning' => true]);
    }

    /** @return array{Vehicle, Vehicle, string} a car that can have it, the same with it, and where */
    private static function vehicles(CatalogueEntry $entry): array
    {
        foreach (self::VEHICLES as $id) {
            $sound = Workbench::vehicle($id);
            $place = $entry->kind->places($sound)[0] ?? null;
            if ($place !== null) {
                $conductor = $entry->kind->onConductor ? $sound->channel($place)->conductors[0]->id : '';

                return [$sound, (new Fault($entry->kind, $place, $conductor, $entry->strengths[count($entry->strengths) - 1], $entry->kind->nature))->applyTo($sound), $place];
            }
        }
        self::fail("no car can have {$entry->kind->id}");
    }

    /** @param  list<CarAction>  $before */
    private static function seen(Car $car, array $before, LookAt $look): Observation
    {
        $bench = Workbench::with($car)->secured();
        foreach ($before as $action) {
            $bench->do($action);
        }

        return $bench->do($look);
    }
}
