<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What hands feel, wipe and tape, and the harmless marks an eye meets. */
final class HandsTest extends TestCase
{
    public function test_play_a_loose_ring_and_a_loose_sensor_are_felt_by_hand(): void
    {
        $felt = static fn (string $kind, ?float $strength = null): array => Played::on(Workbench::case([[$kind, 'FR', '', $strength]]))
            ->secured()->do(['do' => 'rock-wheel', 'channel' => 'FR'])->shown()->values;

        self::assertSame(['play' => 'play-felt', 'ring' => 'ring-firm', 'sensor' => 'sensor-firm'], $felt('bearing-play', 0.0016));
        self::assertSame('no-play', $felt('bearing-play', 0.0001)['play'], 'too little to be felt');
        self::assertSame('ring-turns', $felt('ring-loose')['ring']);
        self::assertSame('sensor-moves', $felt('sensor-loose')['sensor']);
    }

    /** What is felt is what moves on the picture; what is firm gives a tenth at most. */
    public function test_a_rocked_wheel_is_drawn_as_it_moves(): void
    {
        $shows = static fn (string $kind, ?float $strength = null): array => Played::on(Workbench::case([[$kind, 'FR', '', $strength]]))
            ->secured()->do(['do' => 'rock-wheel', 'channel' => 'FR'])->shown()->picture->shows ?? [];
        $moved = static fn (array $one): array => [$one['rimMillimetres'] > 0.3, $one['ringMillimetres'] > 0.3, $one['sensorMillimetres'] > 0.3];

        self::assertSame(1.6, $shows('bearing-play', 0.0016)['rimMillimetres']);
        self::assertSame([false, false, false], $moved($shows('bearing-play', 0.0001)));
        self::assertSame([false, true, false], $moved($shows('ring-loose')));
        self::assertSame([false, false, true], $moved($shows('sensor-loose')));
    }

    /** Play of a bearing is felt in either direction and is gone while the brake is held; that of a joint is felt in its own direction, and stays. Common practice, no source. */
    public function test_the_brake_tells_a_bearing_from_a_joint(): void
    {
        $cars = 150;
        $play = static function (string $kind, string $at, bool $braked) use ($cars): int {
            $felt = array_map(static fn (int $seed): string => Played::on(Workbench::case([[$kind, 'FR']]), "car $seed")->secured()->do(['do' => 'rock-wheel', 'channel' => 'FR', 'at' => $at, 'braked' => $braked])->shown()->word('play'), range(1, $cars));

            return count(array_keys($felt, 'play-felt', true));
        };
        $joints = $play('coil-open', 'front-and-rear', false);
        self::assertGreaterThan(0.02 * $cars, $joints);
        self::assertLessThan(0.12 * $cars, $joints);
        self::assertSame($joints, $play('coil-open', 'front-and-rear', true));
        self::assertLessThan(0.08 * $cars, $play('coil-open', 'top-and-bottom', false));

        self::assertGreaterThan(0.8 * $cars, $play('bearing-play', 'front-and-rear', false));
        self::assertGreaterThan(0.8 * $cars, $play('bearing-play', 'top-and-bottom', false));
        self::assertSame($joints, $play('bearing-play', 'front-and-rear', true), 'the same cars as without it');
    }

    /** Sensors that change places, and a good one on trial, have their plugs opened and joined for it. */
    #[TestWith([new SwapSensors('FR')])]
    #[TestWith([new FitKnownGoodPart(KnownGoodPart::Sensor, 'FR', true)])]
    public function test_a_sensor_that_is_moved_may_wipe_its_contact(CarAction $action): void
    {
        $car = Car::hypothesis(Workbench::case([['plug-corroded', 'FR', '1', 26000.0]])->faultyVehicle(), Workbench::vehicle());
        foreach ([SecureStep::Chock, SecureStep::Raise, SecureStep::Stand] as $step) {
            $car = Branch::likeliest(Workbench::simulator()->predict($car, new Secure($step)))->car;
        }
        $cured = 0.0;
        foreach (Workbench::simulator()->predict($car, $action) as $branch) {
            $cured += $branch->car->vehicle->channel('FR')->plug('sensor-plug')->contacts['1']->ohms < 1.0 ? $branch->weight : 0.0;
        }

        self::assertEqualsWithDelta(0.2, $cured, 1e-9);
    }

    /** Cars that could be standing there share what is known of a corner as long as it is one and the same: opened, joined and provoked included. */
    public function test_a_corner_on_which_joining_changed_nothing_stays_the_very_same(): void
    {
        $vehicle = Workbench::case([['loom-open', 'FR', '1', null, Provocation::WiggleLoom], ['plug-corroded', 'RL', '1', 26000.0]])->faultyVehicle();
        $car = Car::hypothesis($vehicle, Workbench::vehicle());
        foreach (['FR.sensor-plug', 'module-plug'] as $plug) {
            $car = Branch::likeliest(Workbench::simulator()->predict($car, new Unplug($plug)))->car;
            $car = Branch::likeliest(Workbench::simulator()->predict($car, new Join($plug)))->car;
        }

        self::assertSame($vehicle->channel('FR'), $car->vehicle->channel('FR'));
        self::assertSame($vehicle->channel('RL'), $car->vehicle->channel('RL'));
        self::assertSame($car->channel('FR'), $car->channel('FR'), 'at rest');
    }

    /** About one time in five joining wipes a pin; then it conducts, stays green, and the car still wants cleaning. */
    public function test_joining_a_plug_can_cure_a_contact_and_destroy_the_evidence(): void
    {
        $wiped = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            $played = Played::on(Workbench::case([['plug-corroded', 'FR', '1', 26000.0]]), "plug $seed")->do(
                ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'join', 'plug' => 'FR.sensor-plug'],
            );
            $contact = $played->job->car->vehicle->channel('FR')->plug('sensor-plug')->contacts['1'];
            $wiped += $contact->ohms < 1.0 ? 1 : 0;
            self::assertTrue($contact->corroded);
        }

        self::assertGreaterThan(4, $wiped);
        self::assertLessThan(24, $wiped);
    }

    public function test_a_plug_pushed_home_holds_again(): void
    {
        $case = Workbench::case([['plug-unlatched', 'FR']]);
        self::assertSame('catch-open', Played::on($case)->do(['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug'])->shown()->word('sight'));
        $joined = Played::on($case)->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'join', 'plug' => 'FR.sensor-plug']);

        self::assertEquals($case->sound, $joined->job->car->vehicle);
    }

    /** Tape takes the leak away, and the car is no sounder for it. */
    public function test_tape_helps_and_is_no_repair(): void
    {
        $case = Workbench::case([['loom-grounded', 'FR', '1', 0.5]]);
        $played = Played::on($case)->do(['do' => 'repair', 'kind' => 'tape-loom', 'channel' => 'FR'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
        self::assertSame(['C0040-11' => 'history'], Workbench::codes($played->shown()));
        self::assertNotEquals($case->sound, $played->job->car->vehicle);
        self::assertSame('taped', $played->do(['do' => 'look', 'channel' => 'FR', 'at' => 'cable'])->shown()->word('sight'));
    }

    public function test_sound_corners_bear_harmless_marks_that_stay_where_they_are(): void
    {
        $marks = [];
        for ($seed = 1; $seed <= 40; $seed++) {
            $played = Played::on(Workbench::case([['coil-open', 'RR']]), "car $seed");
            $look = ['do' => 'look', 'channel' => 'FL', 'at' => 'cable'];
            $first = $played->do($look)->shown()->word('blemish');
            self::assertSame($first, $played->do($look)->shown()->word('blemish'));
            $marks[] = $first;
        }
        $share = count(array_keys($marks, 'scuffed-sleeve', true)) / count($marks);

        self::assertEqualsWithDelta(0.3, $share, 0.2);
    }

    public function test_warm_hubs_and_full_lock_move_a_sound_gap_a_little(): void
    {
        $gap = static fn (Played $played): float => $played->job->car->channel('FR')->wheelEnd->gapMetres;
        $cold = Played::on(Workbench::case([['coil-open', 'RR']]));
        $locked = Played::on(Workbench::case([['coil-open', 'RR']]))->do(['do' => 'provoke', 'how' => 'steering-left', 'channel' => 'FR']);
        $warm = Played::on(Workbench::case([['coil-open', 'RR']]))->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test', 'route' => 'warm-up']);

        self::assertEqualsWithDelta(0.00002, $gap($locked) - $gap($cold), 1e-7);
        self::assertGreaterThan($gap($cold) + 1e-6, $gap($warm));
    }
}
