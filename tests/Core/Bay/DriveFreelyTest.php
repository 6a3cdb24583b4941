<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\DriveFreely;
use Lernfall\Bay\ClosedGround\DriveMemory;
use Lernfall\Bay\ClosedGround\Driver;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\FreeFoot;
use Lernfall\Bay\ClosedGround\FreelyDriven;
use Lernfall\Bay\ClosedGround\FreeSteering;
use Lernfall\Bay\ClosedGround\FreeStretch;
use Lernfall\Bay\ClosedGround\FreeWork;
use Lernfall\Bay\ClosedGround\PullAway;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Module\Control\ReferenceSpeed;
use Lernfall\Road\Corners;
use Lernfall\Road\FreePart;
use Lernfall\Road\FreePath;
use Lernfall\Road\FreeRecord;
use Lernfall\Road\StopTask;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use Lernfall\Vehicle\Motion\ReferenceLimits;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClosedGround;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Free drives on closed ground: parts of throttle, brake and steering one after the other. */
final class DriveFreelyTest extends TestCase
{
    private const PLAIN = [
        'foot' => 'holds-under-foot', 'pulse' => 'no-pulse', 'course' => 'keeps-straight', 'steering' => 'steering-answers',
        'mark.FL' => 'wheel-rolls', 'mark.FR' => 'wheel-rolls', 'mark.RL' => 'wheel-rolls', 'mark.RR' => 'wheel-rolls',
    ];

    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['mirl-10'])]
    #[TestWith(['brack-22'])]
    public function test_a_sound_car_is_driven_round_a_bend_and_stopped_twice(string $id): void
    {
        $car = Workbench::healthyCar($id);
        $told = $car->do(new TurnKey(Ignition::Running), $this->drive(Footing::Dry, ['throttle', 'left', 3.0], ['brake-gently', 'left', 3.0], ['throttle', 'straight', 2.0], ['brake-hard', 'straight', 3.0]))->values;

        self::assertSame([], array_diff_assoc(self::PLAIN, $told));
        self::assertFalse($car->car->state->memory->hasPresent());
        $gentle = $car->do($this->drive(Footing::Dry, ['throttle', 'straight', 3.0], ['brake-gently', 'right', 6.0]))->values;
        self::assertSame(['unit-quiet', 'no-beat'], [$gentle['unit'] ?? '', $gentle['beat'] ?? ''], 'a bend is nothing to control');
    }

    public function test_a_wheel_that_is_not_let_go_leaves_its_mark_and_one_that_is_not_braked_spins(): void
    {
        $drive = $this->drive(Footing::IceLeft, ['throttle', 'straight', 4.0], ['off', 'straight', 1.0], ['brake-hard', 'straight', 4.0]);
        $told = static fn (Workbench $car): array => array_intersect_key($car->do(new TurnKey(Ignition::Running), $drive)->values, ['mark.FL' => 0, 'spin.FL' => 0, 'lamp' => 0]);

        self::assertEquals(['mark.FL' => 'wheel-rolls', 'spin.FL' => 'wheel-grips', 'lamp' => 'lamp-flickers'], $told(Workbench::healthyCar('lendo-15')));
        self::assertEquals(['mark.FL' => 'wheel-leaves-mark', 'spin.FL' => 'wheel-spins', 'lamp' => 'lamp-flickers'], $told(Workbench::withFaultOn('lendo-15', 'outlet-stuck-shut', 'FL')));
        self::assertEquals(['mark.FL' => 'wheel-rolls', 'spin.FL' => 'wheel-spins', 'lamp' => 'lamp-lit'], $told(Workbench::withFaultOn('lendo-15', 'temperature-switch-open', 'car')));
    }

    /** The same throttle in the same car comes to the same speed, whichever way it was asked for. */
    public function test_it_pulls_away_as_any_other_start_does(): void
    {
        $car = Workbench::healthyCar('lendo-15');
        $free = $car->do(new TurnKey(Ignition::Running), $this->drive(Footing::IceLeft, ['throttle', 'straight', 4.0]))->values;
        $start = $car->do(new PullAway(Footing::IceLeft))->values;

        $both = ['unit', 'engine', 'lamp', 'spin.FL', 'spin.FR'];
        self::assertSame(array_map(static fn (string $about): mixed => $start[$about] ?? null, $both), array_map(static fn (string $about): mixed => $free[$about] ?? null, $both));
        self::assertArrayNotHasKey('foot', $free, 'nobody braked');
    }

    public function test_wheels_outside_go_the_longer_way(): void
    {
        $bend = $this->recorded('harl-13', $this->drive(Footing::Dry, ['throttle', 'left', 2.0]));
        $last = $bend->whole->wheels[count($bend->whole->wheels) - 1];
        self::assertGreaterThan(1.02, $last[3] / $last[2]);

        $track = Workbench::vehicle('harl-13')->model->build->chassis->trackMetres ?? 0.0;
        self::assertLessThan(1.0 + $track / 12.0 + 0.02, $last[3] / $last[2], 'no tighter than 12 m');
        $straight = $this->recorded('harl-13', $this->drive(Footing::Dry, ['throttle', 'straight', 2.0]))->whole;
        self::assertEqualsWithDelta($straight->wheels[count($straight->wheels) - 1][2], $straight->wheels[count($straight->wheels) - 1][3], 1e-9);
    }

    /**
     * In a bend that takes 0.3 of their grip tyres have √(1 − 0.3²) of it left along the road (circle of friction, school physics), and with all wheels locked the car slows down by so much less. The wheels
     * outside carry what those inside lose: by the moment of the sideways force about the road, m · a · h / track.
     */
    public function test_a_bend_takes_grip_and_moves_load(): void
    {
        $slowing = function (string $steering): float {
            $run = $this->recorded('harl-13', $this->drive(Footing::Wet, ['throttle', 'straight', 4.0], ['brake-hard', $steering, 3.0]), 'module-dead')->parts[1][1];
            $from = 60; // all wheels stand by then

            return ($run->metresPerSecond[$from] - $run->metresPerSecond[$from + 50]) / (50 * $run->tickSeconds);
        };
        self::assertEqualsWithDelta(sqrt(1.0 - 0.3 ** 2), $slowing('left') / $slowing('straight'), 0.006);

        $chassis = Workbench::vehicle('harl-13')->model->build->chassis;
        self::assertNotNull($chassis);
        $bend = $this->recorded('harl-13', $this->drive(Footing::Wet, ['throttle', 'straight', 4.0], ['off', 'left', 1.0]))->parts[1][1];
        $loads = $bend->loads[10];
        $sideways = 0.3 * 9.81 * Surface::Wet->friction()->peak();
        self::assertEqualsWithDelta($chassis->massKilograms * 9.81, array_sum($loads), 1.0);
        self::assertEqualsWithDelta($chassis->massKilograms * $sideways * $chassis->gravityHeightMetres / $chassis->trackMetres, ($loads[1] + $loads[3] - $loads[0] - $loads[2]) / 2.0, 5.0);
    }

    /** One wheel still spins as the foot goes from the throttle to the brake: it does not tell how fast the car is, and the others are braked at once. */
    public function test_a_wheel_that_spins_alone_does_not_keep_the_others_from_being_braked(): void
    {
        $record = $this->recorded('brack-22', $this->drive(Footing::IceLeft, ['throttle', 'straight', 3.0], ['brake-hard', 'straight', 2.0]));
        $throttle = $record->parts[0][1];
        $last = count($throttle->seconds) - 1;
        self::assertGreaterThan(3.0 * $throttle->metresPerSecond[$last], max($throttle->wheels[$last]));

        $braked = $record->parts[1][1];
        self::assertFalse($braked->isControlled());
        self::assertLessThan(0.4, count($braked->seconds) * $braked->tickSeconds, 'from a walking pace it stands at once');
    }

    /** Both driven wheels still spin on snow as the foot goes to the brake: the other axle tells how fast the car is. */
    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    public function test_an_axle_that_spins_does_not_tell_the_speed(string $vehicle): void
    {
        $record = $this->recorded($vehicle, $this->drive(Footing::Snow, ['throttle', 'straight', 2.5], ['brake-hard', 'straight', 2.0]), 'module-dead');
        $throttle = $record->parts[0][1];
        $last = count($throttle->seconds) - 1;
        [$car, $wheels] = [$throttle->metresPerSecond[$last], $throttle->wheels[$last]];
        self::assertGreaterThan(1.3 * $car, max($wheels));
        sort($wheels);
        self::assertGreaterThan(1.3 * $car, $wheels[2]);
        $reference = new ReferenceSpeed(new ReferenceLimits, $throttle->wheels[$last]);
        self::assertEqualsWithDelta($car, $reference->metresPerSecond, 0.02 * $car);
        $reference->follow([$car, $car, $car, $car], false, true, false, 0.004, 0.004);
        $reference->follow([0.9 * $car, 0.9 * $car, $car, $car], false, true, false, 0.008, 0.004);
        self::assertEqualsWithDelta($car, $reference->metresPerSecond, 0.02 * $car, 'believed again once they are as slow as the car');
    }

    /** A rear wheel locks for good, and all others are let go for a moment: as soon as they roll alike they tell how fast the car is, and it is braked again. */
    public function test_three_wheels_that_roll_alike_tell_the_speed_though_one_stands(): void
    {
        $car = Workbench::withFaultOn('harl-13', 'outlet-stuck-shut', 'RR');
        $car->do(new TurnKey(Ignition::Running));
        $corners = Corners::of($car->car->sound);
        self::assertNotNull($corners);
        $drive = $this->drive(Footing::Dry, ['throttle', 'straight', 6.0], ['brake-hard', 'straight', 4.0]);
        $braked = (new FreelyDriven($car->car, $corners))->record($drive, $car->simulator->workshop->equipment(Driver::class))->parts[1][1];

        $letGo = array_filter($braked->bars, static fn (array $bars): bool => max($bars[0], $bars[1]) < 10.0);
        self::assertLessThan(0.5, count($letGo) * $braked->tickSeconds, 'with no pressure in front, at the beginning and all in all');
    }

    /** Seen from above: straight while the throttle is open, to the side with grip while braked with ice under the other, brought back in between; with all wheels locked it swings round, and the path ends. */
    public function test_its_path_turns_where_it_is_braked(): void
    {
        $drive = $this->drive(Footing::IceLeft, ['throttle', 'straight', 4.0], ['brake-hard', 'straight', 1.2], ['off', 'straight', 2.0]);
        $chassis = Workbench::vehicle('lendo-15')->model->build->chassis;
        self::assertNotNull($chassis);
        $record = $this->recorded('lendo-15', $drive);
        $path = FreePath::of($record, $chassis, $drive->footing->track());
        $ends = [];
        foreach ($record->parts as [, $driven]) {
            $ends[] = ($ends === [] ? 0 : $ends[count($ends) - 1]) + count($driven->seconds);
        }

        self::assertCount(count($record->whole->seconds), $path->path);
        self::assertSame([0.0, 0.0], $path->path[$ends[0] - 1]);
        self::assertLessThan(-0.01, $path->path[$ends[1] - 1][0], 'to the right');
        self::assertLessThan(0.1 * abs($path->path[$ends[1] - 1][0]), abs($path->path[$ends[2] - 1][0]));

        $task = new StopTask(60.0 / 3.6, Track::split(Surface::Ice, Surface::Dry), 450.0);
        $locked = (new ClosedGround('lendo-15'))->stop($task, false);
        $round = FreePath::of(new FreeRecord($locked, [[new FreePart(false, 450.0, 3500.0, 0, 10.0), $locked]]), $chassis, $task->track);
        self::assertTrue($round->goesRound);
        self::assertLessThan(count($locked->seconds), count($round->path));
    }

    /** The monitors go on watching: a cable that parts where the wheels are steered to the left is noticed in such a drive, and in no other. Where it is braked nothing is watched. */
    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['mirl-10'])]
    #[TestWith(['brack-22'])]
    public function test_what_parts_in_a_bend_is_noticed_there(string $id): void
    {
        $vehicle = Workbench::vehicle($id);
        $parts = Workbench::catalogue()->fault($vehicle, 'loom-chafed', 'FL', '1', 0.5, Provocation::SteeringLeft)->applyTo($vehicle);
        $workshop = Workbench::simulator()->workshop;
        $work = new FreeWork($workshop->equipment(Driver::class), $workshop->equipment(Foot::class), $workshop->equipment(DriveMemory::class));
        $found = function (DriveFreely $drive) use ($vehicle, $parts, $work): bool {
            $running = Branch::likeliest((new KeyWork)->turn(Car::hypothesis($parts, $vehicle), Ignition::Running))->car;

            return Branch::likeliest($work->driven($running, $drive))->car->state->memory->hasPresent();
        };

        self::assertTrue($found($this->drive(Footing::Dry, ['throttle', 'left', 3.0], ['off', 'left', 5.0])));
        self::assertFalse($found($this->drive(Footing::Dry, ['throttle', 'right', 3.0], ['off', 'right', 5.0])));
        self::assertFalse($found($this->drive(Footing::Dry, ['throttle', 'straight', 3.0], ['brake-gently', 'left', 5.0])));
    }

    /** What is driven is bounded: by the ground, by the lamp, and by what is sensible. */
    public function test_it_is_no_faster_than_it_may_be(): void
    {
        $throttle = $this->drive(Footing::Wet, ['throttle', 'straight', 8.0]);
        self::assertLessThan(81.0 / 3.6, max($this->recorded('harl-13', $throttle)->whole->metresPerSecond));
        $ice = $this->drive(Footing::DryThenIce, ['throttle', 'straight', 8.0]);
        self::assertLessThan(32.0 / 3.6, max($this->recorded('harl-13', $ice)->whole->metresPerSecond));
        self::assertLessThan(42.0 / 3.6, max($this->recorded('harl-13', $throttle, 'module-dead')->whole->metresPerSecond), 'with the lamp on');

        self::assertSame(Refusal::PedalDoubtful, Workbench::withFault('air-in-brake', 'FL')->do(new TurnKey(Ignition::Running), $throttle)->refusal);
        self::assertSame(Refusal::EngineOff, Workbench::healthy()->do($throttle)->refusal);
    }

    /** @param  list<array{string, string, float}>  $parts */
    #[TestWith([[['throttle', 'straight', 0.1]], 'parts.0.seconds'])]
    #[TestWith([[['throttle', 'straight', 8.0], ['off', 'straight', 5.0]], 'seconds'])]
    #[TestWith([[['throttle', 'straight', 1.0], ['brake-hard', 'straight', 1.0], ['brake-hard', 'straight', 1.0], ['brake-hard', 'straight', 1.0], ['brake-gently', 'straight', 1.0]], 'stops'])]
    public function test_what_is_too_long_is_not_begun(array $parts, string $field): void
    {
        try {
            Played::on(Workbench::case([['old-code', 'FL']]))->do(['do' => 'ignition', 'to' => 'running'], [
                'do' => 'drive-freely', 'footing' => 'dry', 'parts' => array_map(static fn (array $one): array => ['foot' => $one[0], 'steering' => $one[1], 'seconds' => $one[2]], $parts),
            ]);
            self::fail('It was driven.');
        } catch (UnfitAction $unfit) {
            self::assertSame($field, $unfit->field);
        }
    }

    private function recorded(string $id, DriveFreely $drive, ?string $kind = null): FreeRecord
    {
        $car = $kind === null ? Workbench::healthyCar($id) : Workbench::withFaultOn($id, $kind, 'car');
        $car->do(new TurnKey(Ignition::Running));
        $corners = Corners::of($car->car->sound);
        self::assertNotNull($corners);

        return (new FreelyDriven($car->car, $corners))->record($drive, $car->simulator->workshop->equipment(Driver::class));
    }

    /** @param  array{string, string, float}  ...$parts */
    private function drive(Footing $footing, array ...$parts): DriveFreely
    {
        $planned = array_map(static fn (array $one): FreeStretch => new FreeStretch(FreeFoot::from($one[0]), FreeSteering::from($one[1]), $one[2]), array_values($parts));
        self::assertNotSame([], $planned);

        return new DriveFreely($footing, $planned);
    }
}
