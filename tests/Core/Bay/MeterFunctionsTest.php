<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Meter\ProveMeter;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What the meter can do besides reading ohms and volts in a range of its own choice. */
final class MeterFunctionsTest extends TestCase
{
    private const FIRST = 'FR.sensor-plug.wheel.1';

    private const SECOND = 'FR.sensor-plug.wheel.2';

    private const BRIDGED = ['do' => 'connect-leads', 'leads' => [['first' => 'FL.sensor-plug.wheel.2', 'second' => 'FL.sensor-plug.module.2']]];

    private const IN_SERIES = ['do' => 'measure', 'function' => 'milliamperes', 'first' => 'FL.sensor-plug.module.1', 'second' => 'FL.sensor-plug.wheel.1'];

    public function test_a_range_set_by_hand_shows_fewer_digits_or_overload(): void
    {
        $bench = Workbench::healthy()->secured();
        $bench->do(new Unplug('FR.sensor-plug'), new TurnWheel('FR', 0.5));
        $own = $bench->do(new Measure(MeterFunction::VoltsAc, self::FIRST, self::SECOND))->number('reading');
        $coarse = $bench->do(new Measure(MeterFunction::VoltsAc, self::FIRST, self::SECOND, 6.0))->number('reading');
        self::assertSame(0.0001, $own?->resolution);
        self::assertSame(0.001, $coarse?->resolution);
        self::assertEqualsWithDelta($own->si, $coarse->si, 0.003);

        self::assertTrue($bench->do(new Measure(MeterFunction::Ohms, self::FIRST, self::SECOND, 600.0))->number('reading')?->overload);
    }

    public function test_a_relative_reading_leaves_the_reference_out(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new Unplug('FR.sensor-plug'));
        $plain = $bench->meter(MeterFunction::Ohms, self::FIRST, self::SECOND);
        $relative = $bench->do(new Measure(MeterFunction::Ohms, self::FIRST, self::SECOND, null, 1000.0))->number('reading');

        self::assertEqualsWithDelta($plain - 1000.0, $relative?->si, 3.0);
    }

    public function test_the_buzzer_sounds_through_a_sound_wire_and_not_through_a_coil(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new Unplug('FR.sensor-plug'), new Unplug('module-plug'));

        self::assertSame('on', $bench->do(new Measure(MeterFunction::Continuity, 'FR.sensor-plug.module.1', 'FR.module-plug.wheel.1'))->word('beep'));
        $coil = $bench->do(new Measure(MeterFunction::Continuity, self::FIRST, self::SECOND));
        self::assertSame('off', $coil->word('beep'));
        self::assertTrue($coil->number('reading')?->overload, 'its only range ends at 600 Ω');
    }

    public function test_recording_catches_what_comes_and_goes(): void
    {
        $case = Workbench::case([['pigtail-broken', 'FR']]);
        $played = Played::on($case)->do(
            ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'provoke', 'how' => 'wiggle-cable', 'channel' => 'FR'],
            ['do' => 'measure', 'function' => 'ohms', 'first' => self::FIRST, 'second' => self::SECOND, 'records' => true],
        );

        self::assertTrue($played->shown()->number('greatest')?->overload);
        self::assertEqualsWithDelta(1340.0, $played->shown()->number('least')?->si, 80.0);

        $quiet = Workbench::healthy();
        $quiet->do(new Unplug('FR.sensor-plug'), new Provoke(Provocation::WiggleCable, 'FR'));
        $shown = $quiet->do(new Measure(MeterFunction::Ohms, self::FIRST, self::SECOND, records: true));
        self::assertEqualsWithDelta($shown->number('least')?->si, $shown->number('greatest')?->si, 6.0);
        self::assertLessThanOrEqual($shown->number('reading')?->si, $shown->number('least')?->si);
        self::assertGreaterThanOrEqual($shown->number('reading')?->si, $shown->number('greatest')?->si);
    }

    public function test_milliamperes_are_read_in_series_and_across_a_battery_the_fuse_blows(): void
    {
        $bench = Workbench::healthyCar('lendo-15');
        // the return is bridged by a jumper, the supply goes through the meter, and both are there when the module checks its circuit
        $played = Played::on(Workbench::case([['encoder-damaged', 'RR']], Workbench::vehicle('lendo-15')))->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], self::BRIDGED, self::IN_SERIES, ['do' => 'ignition', 'to' => 'on'], self::IN_SERIES,
        );
        $amperes = (float) $played->shown()->number('reading')?->si;
        self::assertTrue(abs($amperes - 0.0071) < 0.0006 || abs($amperes - 0.0142) < 0.001, "$amperes A is neither level");

        $bench->do(new TurnKey(Ignition::On));
        $across = $bench->do(new Measure(MeterFunction::Milliamperes, 'battery.positive', 'battery.negative'));
        self::assertSame([Note::MeterFuseBlown], $across->notes);
        self::assertSame(0.0, $across->number('reading')?->si);
        self::assertSame('blown', $bench->do(new ProveMeter)->word('fuse'));
        self::assertSame('sound', $bench->do(new ProveMeter)->word('fuse'), 'it has been renewed');
    }

    /** By hand: taken off with the key on it leaves the supply open, which the module notices and cuts; put back, only its weak level flows until the next key-on. */
    public function test_a_meter_in_series_is_part_of_the_circuit_until_its_leads_leave(): void
    {
        $working = Played::on(Workbench::case([['encoder-damaged', 'RR']], Workbench::vehicle('lendo-15')))->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], self::BRIDGED, self::IN_SERIES, ['do' => 'ignition', 'to' => 'on'],
        );
        $elsewhere = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'battery.negative'];

        self::assertSame(['jumpers', 'meter'], $working->job->car->state->connections->connected());
        self::assertFalse($working->job->car->state->memory->hasPresentElectrical('FL'));
        $left = (clone $working)->do($elsewhere);
        self::assertTrue($left->job->car->state->memory->hasPresentElectrical('FL'), 'the leads went elsewhere');
        self::assertSame(['FL'], $left->job->car->state->key->cut);
        $back = $left->do(self::IN_SERIES);
        self::assertLessThan(0.003, $back->shown()->number('reading')?->si);
        $again = $back->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], self::IN_SERIES);
        self::assertGreaterThan(0.006, $again->shown()->number('reading')?->si);
        self::assertSame([], $again->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'join', 'plug' => 'FL.sensor-plug'])->job->car->state->connections->connected(), 'joined, nothing hangs on it');
        self::assertSame(['jumpers'], $working->do(['do' => 'prove-meter'])->job->car->state->connections->connected());
    }

    public function test_a_blown_fuse_is_remembered_when_a_job_is_taken_up_again(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'measure', 'function' => 'milliamperes', 'first' => 'battery.positive', 'second' => 'battery.negative']);
        $again = Played::on(Workbench::case())->job;
        foreach ($played->job->steps as $step) {
            $again = $again->recall($step->action, $step->observation, Workbench::simulator());
        }

        self::assertTrue($again->car->state->connections->meter->fuseBlown);
    }

    public function test_proving_the_meter_shows_its_leads_and_the_battery(): void
    {
        $shown = Workbench::healthy()->do(new ProveMeter);

        self::assertEqualsWithDelta(0.2, $shown->number('shorted')?->si, 0.15);
        self::assertEqualsWithDelta(12.5, $shown->number('battery')?->si, 0.1);
    }

    /** Textbook factors: an averaging meter shows π/(2√2) = 1.1107 times the rectified mean; of a square wave that is 11.07 % too much. */
    public function test_an_averaging_meter_reads_a_square_wave_high_and_a_sine_right(): void
    {
        $read = static function (string $car, string $corner, bool $averages): float {
            $vehicle = Workbench::vehicle($car);
            $case = Workbench::case([['tyre-other-size', 'RR']], $vehicle);
            $case = new FaultCase($case->name, $case->jobTitle, $case->complaint, $case->sound, $case->faults, $averages);
            $played = Played::on($case)->secured()->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'turn-wheel', 'channel' => $corner, 'turnsPerSecond' => 1.0]);
            $second = $car === 'harl-13' ? "$corner.module-plug.wheel.2" : 'body';
            $played->do(['do' => 'measure', 'function' => 'volts-ac', 'first' => $car === 'harl-13' ? "$corner.module-plug.wheel.1" : "$corner.module-plug.wheel.2", 'second' => $second]);

            return (float) $played->shown()->number('reading')?->si;
        };

        self::assertEqualsWithDelta(1.1107, $read('lendo-15', 'FL', true) / $read('lendo-15', 'FL', false), 0.003);
        self::assertEqualsWithDelta(1.0, $read('harl-13', 'FL', true) / $read('harl-13', 'FL', false), 0.01);
    }
}
