<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\PullAway;
use Lernfall\Bay\ClosedGround\RollingBody;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Format\VehicleReader;
use Lernfall\Road\Corners;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StartingCar;
use Lernfall\Road\StartTask;
use Lernfall\Vehicle\Vehicle;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What the driver tells of a car that pulls away on closed ground. */
final class PullAwayTest extends TestCase
{
    #[TestWith(['harl-13', 'engine-held-back', 'unit-quiet'])]
    #[TestWith(['lendo-15', 'engine-pulls', 'unit-heard'])]
    #[TestWith(['brack-22', 'engine-held-back', 'unit-quiet'])]
    #[TestWith(['mirl-10', 'engine-pulls', 'unit-quiet'])]
    public function test_a_sound_car_is_away_as_usual_everywhere(string $id, string $engine, string $unit): void
    {
        $car = Workbench::healthyCar($id);
        $car->do(new TurnKey(Ignition::Running));
        foreach ([Footing::Dry, Footing::Wet, Footing::Snow, Footing::Ice, Footing::Gravel, Footing::IceLeft, Footing::IceRight] as $footing) {
            self::assertSame('usual-away', $car->do(new PullAway($footing))->values['away'] ?? null, $footing->value);
        }
        self::assertFalse($car->car->state->memory->hasPresent(), 'and no code is stored');
        $dry = $car->do(new PullAway(Footing::Dry))->values;
        self::assertSame(['unit-quiet', 'engine-pulls'], [$dry['unit'] ?? '', $dry['engine'] ?? ''], 'nothing to do on a dry road');
        $ice = $car->do(new PullAway(Footing::Ice))->values;
        self::assertSame([$engine, $unit], [$ice['engine'] ?? '', $ice['unit'] ?? '']);
        self::assertSame($id === 'mirl-10' ? null : 'lamp-flickers', $ice['lamp'] ?? null, 'no lamp, no traction control');
    }

    /**
     * Written down before the run, of what is told in the trade of traction control by brake (common practice, no source): what differs from a sound car as it pulls away with ice under
     * its left wheels. An outlet that does not let go was thought to make no difference: what it keeps runs back by the inlet each time, and the wheel spins up again.
     *
     * @return iterable<string, array{string, string, array<string, string>}>
     */
    public static function faults(): iterable
    {
        $spins = ['away' => 'slower-away', 'spin.FL' => 'wheel-spins'];
        $off = [...$spins, 'unit' => 'unit-quiet', 'lamp' => 'lamp-lit'];
        yield 'switched off by the temperature switch' => ['temperature-switch-open', 'car', $off];
        yield 'a brake that seems to be pressed' => ['stop-lamp-switch-stuck', 'car', $off];
        yield 'a winding that has a code' => ['priming-winding-open', 'FL', $off];
        yield 'no pump, found at key-on' => ['pump-relay-dead', 'car', ['self-test' => 'unit-not-heard'] + $off];
        yield 'isolation stuck: the pump works against the pedal' => ['isolation-stuck-open', 'FL', $spins];
        yield 'priming stuck: the pump gets nothing' => ['priming-stuck-shut', 'FL', $spins];
        yield 'isolation stuck in the other circuit' => ['isolation-stuck-open', 'FR', []];
        yield 'half a pump, of this circuit' => ['pump-half-dead', 'FL', $spins];
        yield 'half a pump, of the other one' => ['pump-half-dead', 'FR', []];
        yield 'an inlet that lets nothing in' => ['inlet-stuck-shut', 'FL', $spins];
        yield 'an outlet that does not let go' => ['outlet-stuck-shut', 'FL', ['spin.FL' => 'wheel-spins']];
        yield 'an inlet that does not shut: isolation keeps the pressure' => ['inlet-stuck-open', 'FL', []];
        yield 'wires crossed: the wrong wheel is braked' => ['module-inputs-crossed', 'FL', $spins];
        yield 'pipes crossed: as well' => ['brake-pipes-crossed', 'FL', $spins];
        yield 'an oily lining still brakes by enough' => ['lining-oily', 'FL', []];
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('faults')]
    public function test_faults_are_felt_as_it_pulls_away(string $kind, string $place, array $expected): void
    {
        $sound = Workbench::healthyCar('lendo-15')->do(new TurnKey(Ignition::Running), new PullAway(Footing::IceLeft))->values;
        $told = Workbench::withFaultOn('lendo-15', $kind, $place)->do(new TurnKey(Ignition::Running), new PullAway(Footing::IceLeft))->values;

        self::assertEqualsCanonicalizing($expected, array_diff_assoc($told, $sound));
        self::assertSame([], array_diff_key(array_diff_assoc($told, $sound), $expected));
    }

    public function test_a_braked_wheel_makes_the_other_one_push(): void
    {
        $sound = Workbench::vehicle('lendo-15');
        [$on, $off] = [$this->start($sound, true)->lastMetresPerSecond(), $this->start($sound, false)->lastMetresPerSecond()];

        self::assertGreaterThan(4.0 * $off, $on);
    }

    /** The limit of common practice is a quarter of a second; no source. */
    public function test_the_brake_is_free_soon_after_the_foot_is_off(): void
    {
        $record = $this->start(Workbench::vehicle('lendo-15'), true);
        $bars = static fn (float $seconds): float => $record->bars[(int) round($seconds / $record->tickSeconds)][0];

        self::assertGreaterThan(20.0, $bars(3.9));
        self::assertLessThan(2.0, $bars(4.25));
    }

    public function test_nobody_drives_with_a_doubtful_pedal_or_a_car_that_is_not_ready(): void
    {
        self::assertSame(Refusal::PedalDoubtful, Workbench::withFault('air-in-brake', 'FL')->do(new TurnKey(Ignition::Running), new PullAway(Footing::Dry))->refusal);
        self::assertSame(Refusal::EngineOff, Workbench::healthy()->do(new PullAway(Footing::Dry))->refusal);
    }

    /** Of four driven wheels nothing is worked out, and a trailer is pulled. */
    public function test_a_car_of_which_no_driven_axle_is_known_is_not_driven_so(): void
    {
        $vehicle = VehicleReader::read(['layout' => 'all-wheel-drive'] + Workbench::json('core/Vehicle/BuiltIn/harl-13.json'));
        foreach ([$vehicle, Workbench::vehicle('ostrel-t2')] as $one) {
            $car = Car::hypothesis($one, $one);
            if ($one !== $vehicle) {
                self::assertSame(Refusal::NotDriven, Workbench::simulator()->predict($car->in($car->state->keyAt(Ignition::Running)), new StopHere(Footing::Dry, 20))[0]->prediction->refusal);
            }
            self::assertSame(Refusal::NotDriven, Workbench::simulator()->predict($car->in($car->state->keyAt(Ignition::Running)), new PullAway(Footing::Dry))[0]->prediction->refusal);
        }
    }

    private function start(Vehicle $vehicle, bool $controls): RoadRecord
    {
        $corners = Corners::of($vehicle) ?? throw new LogicException('It has four wheels.');
        $car = Car::hypothesis($vehicle, $vehicle);
        $body = new RollingBody($car->in($car->state->keyAt(Ignition::Running)->supplying($vehicle->channelIds())), $corners);
        $drivetrain = $vehicle->model->build->drivetrain ?? throw new LogicException('Something turns its wheels.');

        return (new StartingCar($vehicle, $body->chassis, $drivetrain, 0, $body->heard(), $controls, $body->moves()))->start(new StartTask(Footing::IceLeft->track(), 4.0));
    }
}
