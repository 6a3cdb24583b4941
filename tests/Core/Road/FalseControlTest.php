<?php

declare(strict_types=1);

namespace Tests\Core\Road;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Module\Control\WheelPhase;
use Lernfall\Road\RoadRecord;
use Lernfall\Road\StopTask;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClosedGround;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/**
 * What faulty sensors do to the control of slip: in gentle stops on dry road a wheel that is no longer heard seems to stand. Expected from what is told of it in the trade (common practice,
 * no source).
 */
final class FalseControlTest extends TestCase
{
    private const GENTLE_NEWTONS = 45.0;

    public function test_a_signal_lost_at_ten_kilometres_an_hour_lets_that_wheel_go_there_and_makes_the_stop_longer(): void
    {
        $sound = $this->stopped(Workbench::vehicle(), 20.0);
        $weak = $this->stopped($this->deafBelow(10.0), 20.0);

        self::assertSame([], $this->speedsControlled($sound));
        $controlled = $this->speedsControlled($weak);
        self::assertNotSame([], $controlled);
        self::assertLessThan(11.0 / 3.6, max($controlled), 'not before it is lost');
        self::assertGreaterThan(1.02, $weak->stopMetres() / $sound->stopMetres());
        self::assertLessThan(1.4, $weak->stopMetres() / $sound->stopMetres());
    }

    /** Wherever the rings stand, light or laden, on dry and wet road: what a sound car does in gentle stops is the pedal's work alone. */
    public function test_no_sound_car_is_controlled_in_a_gentle_stop(): void
    {
        $cases = [];
        foreach (['harl-13' => 350.0, 'lendo-15' => 400.0, 'mirl-10' => 300.0, 'brack-22' => 1000.0] as $car => $load) {
            foreach ([[0.0, Surface::Dry], [$load, Surface::Dry], [0.0, Surface::Wet], [$load, Surface::Wet]] as [$kilograms, $surface]) {
                foreach ([10.0, 15.0, 20.0, 40.0, 60.0] as $speed) {
                    foreach (range(0, 11) as $way) {
                        $cases["$car, $kilograms kg, $surface->value, $speed km/h, way $way"] = [$car, $kilograms, $surface, $speed, $way / 12];
                    }
                }
            }
        }
        foreach (Sweep::of($cases, 120) as $name => [$car, $kilograms, $surface, $speed, $way]) {
            $record = (new ClosedGround($car, null, $kilograms))->stop(new StopTask($speed / 3.6, Track::of($surface), self::GENTLE_NEWTONS, 120.0), true, $way);
            self::assertFalse($record->isControlled(), $name);
            self::assertSame([], array_filter($record->pump), $name);
        }
    }

    public function test_a_signal_lost_below_a_crawl_does_nothing(): void
    {
        self::assertSame([], $this->speedsControlled($this->stopped($this->deafBelow(4.0), 20.0)));
    }

    /** A dead sensor that nobody has found yet: in its hard stop the wheel is let go all the way, and the car pulls to the other side. */
    public function test_a_wheel_that_is_never_heard_is_not_braked(): void
    {
        $task = new StopTask(50.0 / 3.6, Track::of(Surface::Dry), 450.0);
        $sound = (new ClosedGround('harl-13'))->stop($task);
        $dead = (new ClosedGround('harl-13', $this->deafBelow(INF)))->stop($task);

        self::assertGreaterThan(1.2, $dead->stopMetres() / $sound->stopMetres());
        self::assertLessThan(0.2 * max($this->barsAbove($sound, 3.0)), max($this->barsAbove($dead, 3.0)));
    }

    /** @return non-empty-list<float> at the front left brake while the car is faster than this, in m/s */
    private function barsAbove(RoadRecord $record, float $metresPerSecond): array
    {
        $bars = array_filter(array_column($record->bars, 0), static fn (int $tick): bool => $record->metresPerSecond[$tick] > $metresPerSecond, ARRAY_FILTER_USE_KEY);

        return [0.0, ...$bars];
    }

    private function stopped(Vehicle $vehicle, float $kilometresPerHour): RoadRecord
    {
        return (new ClosedGround('harl-13', $vehicle))->stop(new StopTask($kilometresPerHour / 3.6, Track::of(Surface::Dry), self::GENTLE_NEWTONS, 120.0));
    }

    /** @return list<float> speeds of the car in m/s at which the front left wheel is controlled */
    private function speedsControlled(RoadRecord $record): array
    {
        $ticks = array_keys(array_filter($record->phases, static fn (array $phases): bool => $phases[0] !== WheelPhase::AsPressed));

        return array_map(static fn (int $tick): float => $record->metresPerSecond[$tick], $ticks);
    }

    /** With the gap at the front left wheel so large that nothing is heard below a speed, in km/h. */
    private function deafBelow(float $kilometresPerHour): Vehicle
    {
        $vehicle = Workbench::vehicle();
        [$near, $far] = [$vehicle->channel('FL')->wheelEnd->gapMetres, 0.02];
        for ($halving = 0; $halving < 40; $halving++) {
            $gap = ($near + $far) / 2.0;
            $changed = $vehicle->withChannel($vehicle->channel('FL')->withGap($gap));
            $car = Car::hypothesis($changed, $vehicle);
            $running = $car->in($car->state->keyAt(Ignition::Running));
            $heardFrom = (new SpeedReception($running))->whileDriving($running->channel('FL'), 0.0)->leastTurnsPerSecond() * $vehicle->tyre->rollingCircumferenceMetres() * 3.6;
            [$near, $far] = $heardFrom < min($kilometresPerHour, 1000.0) ? [$gap, $far] : [$near, $gap];
        }

        return $vehicle->withChannel($vehicle->channel('FL')->withGap($far));
    }
}
