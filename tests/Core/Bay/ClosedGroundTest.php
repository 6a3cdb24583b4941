<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\RecordStop;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What the driver tells of a stop on closed ground. */
final class ClosedGroundTest extends TestCase
{
    private const ALL_WELL = [
        'foot' => 'holds-under-foot', 'course' => 'keeps-straight', 'steering' => 'steering-answers', 'distance' => 'usual-distance',
        'mark.FL' => 'wheel-rolls', 'mark.FR' => 'wheel-rolls', 'mark.RL' => 'wheel-rolls', 'mark.RR' => 'wheel-rolls',
    ];

    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['mirl-10'])]
    #[TestWith(['brack-22'])]
    public function test_a_sound_car_stops_straight_and_leaves_no_mark(string $id): void
    {
        $car = Workbench::healthyCar($id);
        $car->do(new TurnKey(Ignition::Running));
        foreach ([[Footing::Dry, 60], [Footing::Wet, 60], [Footing::Snow, 40], [Footing::Gravel, 40], [Footing::Ice, 20]] as [$footing, $speed]) {
            $told = $car->do(new StopHere($footing, $speed))->values;
            self::assertSame([], array_diff_assoc(self::ALL_WELL, $told), $footing->value);
        }
        self::assertSame('beats-back', $car->do(new StopHere(Footing::Wet, 60))->values['beat'] ?? null, 'as it should, in a hard stop');
        self::assertSame('no-beat', $car->do(new StopHere(Footing::Dry, 40, false))->values['beat'] ?? null, 'and not in a gentle one');
        self::assertSame('pulls-right', $car->do(new StopHere(Footing::IceLeft, 50))->values['course'] ?? null, 'the right wheels brake more');
    }

    /**
     * Written down before the run, of what is told in the trade of these faults (common practice, no source): what differs from a sound car in a hard stop from 60 km/h on dry road.
     *
     * @return iterable<string, array{string, string, array<string, string>}>
     */
    public static function faults(): iterable
    {
        yield 'an outlet that does not let go: that wheel locks' => ['outlet-stuck-shut', 'FL', ['mark.FL' => 'wheel-leaves-mark']];
        yield 'an inlet that does not shut: that wheel locks, and the pedal sinks' => ['inlet-stuck-open', 'FL', ['mark.FL' => 'wheel-leaves-mark', 'foot' => 'sinks-under-foot']];
        yield 'an inlet that lets nothing in: the car pulls to the other side, and the stop is long' => ['inlet-stuck-shut', 'FL', ['course' => 'pulls-right', 'distance' => 'longer-distance']];
        yield 'half a pump: the pedal sinks as the accumulator fills' => ['pump-half-dead', 'FL', ['foot' => 'sinks-under-foot']];
        yield 'a narrowed hose: the car pulls to the other side' => ['hose-collapsed', 'FR', ['course' => 'pulls-left']];
        yield 'wires crossed left to right: the wrong wheel is let go' => ['module-inputs-crossed', 'FL', ['mark.FR' => 'wheel-leaves-mark']];
        yield 'pipes crossed left to right: as well' => ['brake-pipes-crossed', 'FL', ['mark.FR' => 'wheel-leaves-mark']];
        yield 'a contact too poor for several valves at once: every wheel locks' => ['valve-relay-burnt', 'car', ['mark.FL' => 'wheel-leaves-mark', 'mark.FR' => 'wheel-leaves-mark', 'mark.RL' => 'wheel-leaves-mark', 'mark.RR' => 'wheel-leaves-mark', 'steering' => 'steering-dead']];
        yield 'worn linings: nothing' => ['linings-worn', 'FL', []];
        yield 'an uneven disc: nothing that the control of slip would do' => ['disc-uneven', 'FL', []];
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('faults')]
    public function test_faults_are_felt_in_a_hard_stop(string $kind, string $place, array $expected): void
    {
        $car = Workbench::withFault($kind, $place);
        $told = $car->do(new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 60))->values;

        self::assertSame([], array_diff_assoc($expected, $told));
        if ($expected === []) {
            self::assertSame([], array_diff_assoc(self::ALL_WELL, $told));
        }
    }

    public function test_a_lamp_that_is_on_limits_the_speed_and_wheels_lock(): void
    {
        $car = Workbench::withFault('coil-open', 'FL');
        self::assertSame(Refusal::TooFastUncontrolled, $this->refusal($car->do(new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 60))));
        $told = $car->do(new StopHere(Footing::Wet, 40))->values;
        self::assertSame(['wheel-leaves-mark', 'steering-dead', 'no-beat'], [$told['mark.FR'] ?? '', $told['steering'] ?? '', $told['beat'] ?? '']);
    }

    public function test_nobody_drives_with_a_doubtful_pedal_or_a_car_that_is_not_ready(): void
    {
        self::assertSame(Refusal::PedalDoubtful, $this->refusal(Workbench::withFault('air-in-brake', 'FL')->do(new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 10))));
        self::assertSame(Refusal::EngineOff, $this->refusal(Workbench::healthy()->do(new StopHere(Footing::Dry, 10))));
        self::assertSame(Refusal::ChocksIn, $this->refusal(Workbench::healthy()->do(new TurnKey(Ignition::Running), new Secure(SecureStep::Chock), new StopHere(Footing::Dry, 10))));
    }

    /** What half a pump leaves in its accumulator is there in the next stop. */
    public function test_what_a_dead_pump_leaves_is_there_the_next_time(): void
    {
        $car = Workbench::withFault('pump-half-dead', 'FL');
        $car->do(new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 40));
        self::assertGreaterThan(0.5, max($car->car->state->lasting->accumulatedCubicCentimetres));

        $sound = Workbench::healthy();
        $sound->do(new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 40));
        self::assertSame(0.0, max([0.0, ...$sound->car->state->lasting->accumulatedCubicCentimetres]));
    }

    /** One drives, another reads: speeds as they are counted, wheel by wheel, and what the driver tells beside it; cars that could be there are held against the words alone. */
    public function test_a_recorded_stop_shows_the_wheel_that_locks(): void
    {
        $car = Workbench::withFault('outlet-stuck-shut', 'FL');
        $shown = $car->do(new TurnKey(Ignition::Running), new RecordStop(new StopHere(Footing::Dry, 60)));
        [$locked, $other] = [$shown->values['FL.speed'], $shown->values['FR.speed']];
        self::assertInstanceOf(ObservedSeries::class, $locked);
        self::assertInstanceOf(ObservedSeries::class, $other);
        self::assertSame('wheel-leaves-mark', $shown->values['mark.FL']);
        self::assertGreaterThan(3 * count(array_keys($other->steps, 0, true)), count(array_keys($locked->steps, 0, true)), 'it stands for most of the stop');

        $suspect = Car::hypothesis(Workbench::vehicle(), Workbench::vehicle());
        $prediction = Branch::likeliest(Workbench::simulator()->predict($suspect->in($suspect->state->keyAt(Ignition::Running)), new RecordStop(new StopHere(Footing::Dry, 60))))->prediction;
        self::assertSame([], array_filter($prediction->features, static fn (Feature $one): bool => ! $one instanceof CategoryFeature));
        self::assertSame('no-answer', Workbench::healthyCar('mirl-10')->do(new TurnKey(Ignition::Running), new RecordStop(new StopHere(Footing::Dry, 40)))->kind, 'no terminal reaches that module');
    }

    /** Control where none should be, found by recording a gentle stop: the wheel with the swollen ring is let go while its count falls away once a turn, and the driver presses the button. */
    public function test_a_recording_shows_the_wheel_that_is_let_go_for_nothing(): void
    {
        $record = new RecordStop(new StopHere(Footing::Dry, 20, false));
        $swollen = Workbench::withFault('ring-swollen', 'FL', strength: 0.93)->do(new TurnKey(Ignition::Running), $record)->values;
        $sound = Workbench::healthy()->do(new TurnKey(Ignition::Running), $record)->values;

        self::assertSame([2, 0, 0], [$this->most($swollen, 'FL.valve'), $this->most($swollen, 'FR.valve'), $this->most($sound, 'FL.valve')]);
        self::assertSame([1, 0], [$this->most($swollen, 'pump'), $this->most($sound, 'pump')]);
        self::assertSame(['unit-heard', 'unit-quiet'], [$swollen['unit'], $sound['unit']]);
        self::assertInstanceOf(ObservedNumber::class, $swollen['at']);
        self::assertArrayNotHasKey('at', $sound, 'nothing to mark');
        [$counted, $reference, $lamp] = [$swollen['FL.speed'], $swollen['reference'], $swollen['stop-lamp']];
        self::assertInstanceOf(ObservedSeries::class, $counted);
        self::assertInstanceOf(ObservedSeries::class, $reference);
        self::assertInstanceOf(ObservedSeries::class, $lamp);
        self::assertGreaterThan(5, count(array_filter(array_keys($counted->steps), static fn (int $sample): bool => 2 * $counted->steps[$sample] < $reference->steps[$sample])));
        self::assertSame([0, 1], [$lamp->steps[0], $lamp->steps[count($lamp->steps) - 1]]);
        self::assertSame(0, $this->most(Workbench::withFault('stop-lamp-switch-open', 'car')->do(new TurnKey(Ignition::Running), $record)->values, 'stop-lamp'));
    }

    /** @param  array<int|string, mixed>  $values */
    private function most(array $values, string $name): int
    {
        $series = $values[$name];
        self::assertInstanceOf(ObservedSeries::class, $series);

        return max([0, ...$series->steps]);
    }

    public function test_the_module_gives_up_in_steps(): void
    {
        $marks = static fn (Observation $shown): array => array_map(static fn (string $wheel): mixed => $shown->values["mark.$wheel"] ?? null, ['FL', 'FR', 'RL', 'RR']);
        $stop = [new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 40)];
        [$rolls, $locks] = ['wheel-rolls', 'wheel-leaves-mark'];

        self::assertSame([$locks, $locks, $rolls, $rolls], $marks(Workbench::withFault('module-input-dead', 'RL')->do(...$stop)), 'brake force is still shared out');
        self::assertSame([$locks, $locks, $locks, $locks], $marks(Workbench::withFault('module-dead', 'car')->do(...$stop)));
        self::assertSame([$locks, $locks, $locks, $locks], $marks(Workbench::withFault('valve-relay-dead', 'car')->do(...$stop)), 'not without its valves');
        $two = Workbench::case([['module-input-dead', 'RL'], ['module-input-dead', 'FR']], Workbench::vehicle('lendo-15'));
        self::assertSame([$locks, $locks, $locks, $locks], $marks(Workbench::with($two->car('a'))->do(...$stop)), 'nor with two wheels unknown');
    }

    public function test_the_module_watches_on_the_run_up(): void
    {
        $car = Workbench::withFault('gap-large', 'FL');
        $car->do(new TurnKey(Ignition::Running), new StopHere(Footing::Dry, 40));
        $other = Workbench::withFault('gap-large', 'FL');
        $other->do(new TurnKey(Ignition::Running), new RoadTest);

        self::assertTrue($car->car->state->memory->hasPresent());
        self::assertTrue($other->car->state->memory->hasPresent());
    }

    private function refusal(Observation $shown): ?Refusal
    {
        return $shown->refusal;
    }
}
