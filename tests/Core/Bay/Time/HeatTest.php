<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Job\Job;
use Lernfall\Drive\Drive;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Ground;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Route;
use Lernfall\Format\ActionReader;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Hubs warm with time and speed, cool from the stop on, and take coils and gaps with them. */
final class HeatTest extends TestCase
{
    private const EULER_SECONDS = 0.02;

    /** dT/dt = (e(v) − T)/τ by small steps, against the closed solution of each stretch. */
    #[TestWith([Route::Usual])]
    #[TestWith([Route::WarmUp])]
    #[TestWith([Route::CheckRun])]
    public function test_the_closed_solution_is_what_small_steps_come_to(Route $route): void
    {
        foreach (['harl-13', 'ostrel-t2'] as $id) {
            $vehicle = Workbench::vehicle($id);
            foreach ([0.0, 11.0] as $start) {
                self::assertEqualsWithDelta($this->bySmallSteps($vehicle, $route->drive(), $start), HubWarming::from($vehicle->climate, $start)->after($route->drive()), 0.01, $id);
            }
        }
    }

    public function test_steadily_at_the_speed_of_the_file_they_come_to_the_rise_of_the_file(): void
    {
        $climate = Workbench::vehicle()->climate;
        $drive = FreeDrive::straight($climate->hubRiseAtMetresPerSecond, 900.0)->drive();

        // by hand: 21 K · (1 − exp(−900/390)) = 18.9 K, a little more for pulling away and less for stopping
        self::assertEqualsWithDelta(18.9, HubWarming::cold($climate)->after($drive), 0.4);
        self::assertEqualsWithDelta(0.6 * 21.0, HubWarming::cold($climate)->after(FreeDrive::straight($climate->hubRiseAtMetresPerSecond, HubWarming::cold($climate)->getsHot($drive)->seconds ?? 0.0)->drive()), 0.5);
    }

    /** A day of drives and rests: ohms and waveform of a sound sensor on a car without tolerances. */
    public function test_a_day_of_drives_and_rests_follows_the_closed_form(): void
    {
        $case = Workbench::case([['tyre-other-size', 'RR', '', 0.97]]);
        $sound = $case->sound;
        $job = Job::ideally($case, 'a');
        $rise = 0.0;
        $rests = Workbench::simulator()->workshop;
        $at = static function (array ...$actions) use (&$job): Job {
            foreach ($actions as $one) {
                $job = $job->do(ActionReader::read($one), Workbench::simulator()->ideal());
            }

            return $job;
        };
        foreach (['warm-up', 'usual', 'straight', 'warm-up'] as $leg => $route) {
            $job = $at(['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test', 'route' => $route]);
            $drive = Route::from($route)->drive();
            $minutes = $rests->rate((new RoadTest(Route::from($route)))->rate())->minutes;
            $rise *= 0.5 ** ((0.5 + $minutes - $drive->seconds() / 60.0) / $rests->hubHalfLifeMinutes); // turning the key takes half a minute, the rest is getting ready
            $rise = $this->bySmallSteps($sound, $drive, $rise);
            $job = $at(['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2']);
            // the key and the plug took two minutes and a half; the reading stands before its own time has passed
            $rise *= 0.5 ** (2.5 / $rests->hubHalfLifeMinutes);
            $celsius = $sound->climate->ambientCelsius + $rise;
            // copper by IEC 60028, and 0.2 Ω of leads
            self::assertEqualsWithDelta(1340.0 * (1.0 + 0.00393 * ($celsius - 20.0)) + 0.2, $job->lastStep()?->observation->number('reading')?->si, 0.02, "leg $leg");
            $rise *= 0.5 ** (2.0 / $rests->hubHalfLifeMinutes);

            $job = $at(
                ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
                ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0],
                ['do' => 'capture', 'inputs' => [['first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2', 'voltsPerDivision' => 0.1, 'coupling' => 'dc']], 'secondsPerDivision' => 0.005, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']],
            );
            $rise *= 0.5 ** (6.0 / $rests->hubHalfLifeMinutes);
            // peak k·z·n·exp(−g/g₀), the gap 0.3 µm wider for each kelvin; the scope's megohm beside the coil
            $gap = 0.62e-3 + 0.3e-6 * $rise;
            $coil = 1340.0 * (1.0 + 0.00393 * ($sound->climate->ambientCelsius + $rise - 20.0));
            $peak = 0.0232 * 46.0 * exp(-$gap / 0.35e-3) * 1e6 / (1e6 + $coil);
            self::assertEqualsWithDelta(2.0 * $peak, $job->lastStep()?->observation->number('a.peak-to-peak')?->si, 2.0 * $peak * 2e-4, "leg $leg");
            $job = $at(['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.0], ['do' => 'join', 'plug' => 'FL.sensor-plug'], ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ...array_fill(0, 30 * $leg, ['do' => 'look-at-lamps']));
            // the sweep four minutes, the wheel and the plug one each, down two, chocks one
            $rise *= 0.5 ** ((4.0 + 1.0 + 1.0 + 2.0 + 1.0 + 30.0 * $leg) / $rests->hubHalfLifeMinutes);
            self::assertEqualsWithDelta($rise, $job->car->state->lasting->warmth->hubRiseKelvin, 0.01, "leg $leg");
        }
    }

    /** 38 K more on purpose: 1340 · 0.00393 · 38 = 200 Ω by IEC 60028, gone again by halves. */
    public function test_warming_one_sensor_moves_its_ohms_and_no_others(): void
    {
        $job = Job::ideally(Workbench::case([['coil-open', 'RR']]), 'a');
        $ohms = static fn (string $at): array => ['do' => 'measure', 'function' => 'ohms', 'first' => "$at.sensor-plug.wheel.1", 'second' => "$at.sensor-plug.wheel.2"];
        $read = static function (array ...$actions) use (&$job): ?float {
            foreach ($actions as $one) {
                $job = $job->do(ActionReader::read($one), Workbench::simulator()->ideal());
            }
            $shown = $job->lastStep()?->observation->values['reading'] ?? null;

            return $shown instanceof ObservedNumber ? $shown->si : null;
        };
        $cold = $read(['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $ohms('FL'));
        $warm = $read(['do' => 'provoke', 'how' => 'heat', 'channel' => 'FL'], $ohms('FL'));

        self::assertEqualsWithDelta(1340.0 * 0.00393 * 38.0, $warm - $cold, 0.01);
        self::assertEqualsWithDelta($cold, $read($ohms('FR')), 0.01);
        $job = $job->do(ActionReader::read(['do' => 'provoke', 'how' => 'nothing', 'channel' => 'FL']), Workbench::simulator()->ideal());
        // letting go took a minute, of eighteen in which half of it goes
        self::assertEqualsWithDelta(1340.0 * 0.00393 * 38.0 * 0.5 ** (1.0 / 18.0), $read($ohms('FL')) - $cold, 0.01);
    }

    public function test_a_coil_that_opens_hot_stays_open_as_long_as_the_hub_is_hot(): void
    {
        $job = Job::ideally(Workbench::case([['coil-opens-hot', 'FL']]), 'a');
        $actions = [['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test', 'route' => 'warm-up'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            $ohms = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2']];
        foreach ($actions as $one) {
            $job = $job->do(ActionReader::read($one), Workbench::simulator());
        }
        self::assertTrue($job->lastStep()?->observation->number('reading')?->overload);
        // 18.7 K at the stop, hot down to 12.6 K: 18 · log₂(18.7/12.6) = 10 minutes
        foreach ([...array_fill(0, 10, ['do' => 'look-at-lamps']), $ohms] as $one) {
            $job = $job->do(ActionReader::read($one), Workbench::simulator());
        }
        self::assertFalse($job->lastStep()?->observation->number('reading')?->overload);
    }

    public function test_only_a_drive_long_and_fast_enough_makes_it_hot(): void
    {
        $hubs = HubWarming::cold(Workbench::vehicle()->climate);

        self::assertNull($hubs->getsHot(Route::Usual->drive()));
        self::assertNull($hubs->getsHot((new FreeDrive([[5.0, Ground::Straight, 900.0]]))->drive()), 'long, and too slow');
        // by hand: 1 − exp(−t/390 s) = 0.6 · 60/59.4 from the time at which it runs at 59.4 km/h
        self::assertEqualsWithDelta(-390.0 * log(1.0 - 0.6 * 60.0 / 59.4), $hubs->getsHot(Route::WarmUp->drive())?->seconds, 15.0);
    }

    private function bySmallSteps(Vehicle $vehicle, Drive $drive, float $rise): float
    {
        $tau = $vehicle->climate->hubWarmUpSeconds;
        foreach ($drive->stretches as $stretch) {
            for ($time = 0.0; $time < $stretch->seconds - self::EULER_SECONDS / 2.0; $time += self::EULER_SECONDS) {
                $towards = $vehicle->climate->hubRiseKelvin * $stretch->speedAfter($time + self::EULER_SECONDS / 2.0) / $vehicle->climate->hubRiseAtMetresPerSecond;
                $rise += ($towards - $rise) * self::EULER_SECONDS / $tau;
            }
        }

        return $rise;
    }
}
