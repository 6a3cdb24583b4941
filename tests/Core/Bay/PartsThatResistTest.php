<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Sensors that fit one side only, that sit fast, or that are of another make. */
final class PartsThatResistTest extends TestCase
{
    public function test_handed_sensors_cannot_be_swapped(): void
    {
        $front = Played::on(Workbench::case([['sensor-dead', 'FL']], Workbench::vehicle('brack-22')))->secured()->do(['do' => 'swap-sensors', 'channel' => 'FL']);
        self::assertSame('handed', $front->shown()->refusal?->value);

        $rear = Played::on(Workbench::case([['sensor-dead', 'RL']], Workbench::vehicle('brack-22')))->secured()->do(['do' => 'swap-sensors', 'channel' => 'RL']);
        self::assertNull($rear->shown()->refusal);
    }

    public function test_a_seized_sensor_takes_longer_once_and_breaks_on_some_cars(): void
    {
        $broken = 0;
        for ($seed = 1; $seed <= 30; $seed++) {
            $played = Played::on($this->seized(), "car $seed")->secured()->do(['do' => 'look', 'channel' => 'FL', 'at' => 'tip']);
            $step = $played->job->lastStep();
            self::assertContains(Note::SensorSeized, $played->shown()->notes);
            // by hand: a look at the tip takes 12 minutes, freeing it 35 more
            self::assertSame(47.0, $step?->cost->minutes);
            $broke = in_array(Note::SensorBroke, $played->shown()->notes, true);
            $broken += (int) $broke;
            self::assertSame($broke, $played->job->car->vehicle->channel('FL')->sensor != $this->seized()->sound->channel('FL')->sensor);
            $again = Job::begin($this->seized(), "car $seed");
            foreach ($played->job->steps as $one) {
                $again = $again->recall($one->action, $one->observation, Workbench::simulator());
            }
            self::assertEquals($played->job->car->vehicle, $again->car->vehicle, 'taken up again');

            $second = $played->do(['do' => 'look', 'channel' => 'FL', 'at' => 'tip']);
            self::assertSame([], $second->shown()->notes, 'it is free now');
        }

        self::assertGreaterThan(5, $broken);
        self::assertLessThan(20, $broken);
    }

    /** @return iterable<string, array{array<string, mixed>, bool}> an action, and whether a seized sensor is in its way */
    public static function drawing(): iterable
    {
        yield 'a look at the tip' => [['do' => 'look', 'channel' => 'FL', 'at' => 'tip'], true];
        yield 'a swap from the other side' => [['do' => 'swap-sensors', 'channel' => 'FR'], true];
        yield 'a known good part' => [['do' => 'fit-trial-part', 'part' => 'sensor', 'channel' => 'FL', 'fitted' => true], true];
        yield 'a sensor that comes out' => [['do' => 'look', 'channel' => 'RL', 'at' => 'tip'], false];
        yield 'a look that draws nothing' => [['do' => 'look', 'channel' => 'FL', 'at' => 'gap'], false];
    }

    /** @param  array<string, mixed>  $action */
    #[DataProvider('drawing')]
    public function test_who_asks_first_is_told_that_it_sits_fast_and_it_stays_where_it_is(array $action, bool $sits): void
    {
        $played = Played::on($this->seized())->secured();
        $car = $played->job->car;
        $played->do(['asks' => true] + $action);
        self::assertSame($sits ? Refusal::SitsFast : null, $played->shown()->refusal);
        if ($sits) {
            self::assertSame($car->vehicle, $played->job->car->vehicle);
            self::assertSame(0.0, $played->job->lastStep()?->cost->minutes);
            self::assertContains(Note::SensorSeized, $played->do($action)->shown()->notes);
        }
    }

    public function test_a_seized_sensor_that_is_renewed_leaves_the_car_as_built(): void
    {
        $renewed = Played::on($this->seized([['coil-open', 'FL']]), 'a')->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FL']);

        self::assertEquals($this->seized()->sound, $renewed->job->car->vehicle);
        self::assertContains(Note::SensorSeized, $renewed->shown()->notes);
    }

    /** By hand: 1340 Ω · 1.45 = 1943 Ω at 20 °C, two kelvin less 15 Ω less; its signal is the usual one. */
    public function test_a_sensor_of_another_make_reads_other_ohms_and_the_usual_signal(): void
    {
        $played = Played::on(Workbench::case([['sensor-other-make', 'FL']]))->secured()->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'],
        );
        self::assertEqualsWithDelta(1928.0, $played->shown()->number('reading')?->si, 1928.0 * 0.035);
        $volts = static fn (Played $one, string $at): ?float => $one->do(['do' => 'turn-wheel', 'channel' => $at, 'turnsPerSecond' => 1.0], ['do' => 'unplug', 'plug' => "$at.sensor-plug"], ['do' => 'measure', 'function' => 'volts-ac', 'first' => "$at.sensor-plug.wheel.1", 'second' => "$at.sensor-plug.wheel.2"])->shown()->number('reading')?->si;
        self::assertEqualsWithDelta($volts($played, 'FR'), $volts($played, 'FL'), 0.03);
    }

    /** @param  list<array{string, string}>  $faults */
    private function seized(array $faults = [['tyre-other-size', 'RR']]): FaultCase
    {
        return Workbench::case($faults, $this->vehicle());
    }

    private function vehicle(): Vehicle
    {
        $document = Workbench::json('core/Vehicle/BuiltIn/harl-13.json');
        $document['channels']['FL']['seized'] = true;

        return \Lernfall\Format\VehicleReader::read($document);
    }
}
