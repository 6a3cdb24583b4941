<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Clamp;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Clamp\ClampCurrent;
use Lernfall\Bay\Clamp\ClampCurrentProcedure;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Preliminaries\Pins;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class ClampTest extends TestCase
{
    /** A car with two-wire active sensors, which take 7 mA or 14 mA. */
    private const ACTIVE = 'lendo-15';

    public function test_the_wire_of_an_active_sensor_carries_one_of_its_two_levels(): void
    {
        $bench = Workbench::healthyCar(self::ACTIVE);
        $bench->do(new TurnKey(Ignition::On));
        $amperes = self::amperes($bench, Pins::ofLoom($bench->car->vehicle->channel('FL'), 0));

        self::assertLessThan(0.0025, min(abs($amperes - 0.007), abs($amperes - 0.014)), "$amperes A");
    }

    public function test_what_goes_out_in_one_wire_comes_back_in_the_other(): void
    {
        $bench = Workbench::healthyCar(self::ACTIVE);
        $bench->do(new TurnKey(Ignition::On));
        $channel = $bench->car->vehicle->channel('FL');
        $out = self::amperes($bench, Pins::ofLoom($channel, 0));
        $back = self::amperes($bench, Pins::ofLoom($channel, 1));

        self::assertGreaterThan(0.005, $out);
        self::assertEqualsWithDelta(-$out, $back, 0.004);
    }

    public function test_the_supply_of_the_module_agrees_with_the_voltage_across_its_ground(): void
    {
        $bench = Workbench::withFault('ground-rusty', 'car', '', 0.5);
        $bench->do(new TurnKey(Ignition::On));
        $feed = $bench->car->vehicle->power->feed;
        $volts = $bench->meter(MeterFunction::VoltsDc, 'feed.ground', 'body');

        // Ohm's law over a resistance that is known
        self::assertEqualsWithDelta($volts / ($feed->resistances->groundOhms + (float) $feed->faults->rustOhms), self::amperes($bench, 'feed.ground'), 0.03);
        self::assertEqualsWithDelta(self::amperes($bench, 'feed.fuse.in'), self::amperes($bench, 'feed.ground'), 0.01);
    }

    public function test_nothing_flows_through_a_blown_fuse_nor_through_a_relay_that_is_off(): void
    {
        $blown = Workbench::withFault('fuse-blown', 'car');
        $blown->do(new TurnKey(Ignition::On));

        self::assertEqualsWithDelta(0.0, self::amperes($blown, 'feed.supply'), 0.004);
        self::assertEqualsWithDelta(0.0, self::amperes(Workbench::healthy(), 'feed.fuse.out'), 0.004);
    }

    public function test_a_broken_wire_carries_nothing_at_either_end(): void
    {
        $bench = Workbench::withFaultOn(self::ACTIVE, 'loom-open', 'FL', '1');
        $bench->do(new TurnKey(Ignition::On));
        $channel = $bench->car->vehicle->channel('FL');

        foreach ([Pins::ofLoom($channel, 0), Pins::atModule($channel, 0)] as $pad) {
            self::assertEqualsWithDelta(0.0, self::amperes($bench, $pad), 0.004);
        }
    }

    public function test_it_adds_nothing_to_the_circuit_and_opens_nothing(): void
    {
        $bench = Workbench::healthyCar(self::ACTIVE);
        $bench->do(new TurnKey(Ignition::On));
        $before = $bench->car->state;
        self::amperes($bench, Pins::ofLoom($bench->car->vehicle->channel('FL'), 0));

        self::assertEquals($before->connections, $bench->car->state->connections);
        self::assertEquals($before->places, $bench->car->state->places);
    }

    /** @return list<array{string}> */
    public static function noSingleWire(): array
    {
        return [['body'], ['battery.positive'], ['bench.positive'], ['FL.sensor-plug.wheel.1'], ['FL.module-plug.module.1']];
    }

    #[DataProvider('noSingleWire')]
    public function test_it_is_refused_where_no_wire_runs_by_itself(string $pad): void
    {
        $bench = Workbench::healthy();

        self::assertSame('no-single-wire', $bench->do(new ClampCurrent($pad, 2.0, true))->refusal?->value);
    }

    public function test_its_zero_has_drifted_until_it_is_set_and_the_same_all_through_a_job(): void
    {
        $drifts = [];
        foreach (['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'] as $seed) {
            $bench = Workbench::healthy($seed);
            $asItIs = fn (): float => self::of($bench->do(new ClampCurrent('feed.supply', 40.0, false)));
            $drifts[] = $asItIs();
            self::assertEqualsWithDelta($drifts[count($drifts) - 1], $asItIs(), 0.04);
            self::assertEqualsWithDelta(0.0, self::of($bench->do(new ClampCurrent('feed.supply', 40.0, true))), 0.03);
        }

        self::assertGreaterThan(0.06, max($drifts) - min($drifts));
    }

    public function test_the_small_range_overflows_and_the_large_one_has_the_coarser_digit(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new TurnKey(Ignition::On));
        $small = $bench->do(new ClampCurrent('feed.supply', 2.0, true))->number('current');
        $large = $bench->do(new ClampCurrent('feed.supply', 40.0, true))->number('current');

        self::assertSame(0.01, $large?->resolution);
        self::assertSame($large->si > 2.0, $small?->overload);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function unfit(): array
    {
        return [
            'a pad that is none' => [['at' => 'FL.nowhere'], 'at'],
            'a range it has not' => [['fullScale' => 7], 'fullScale'],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('unfit')]
    public function test_what_it_cannot_do_is_named(array $wrong, string $field): void
    {
        try {
            Played::on(Workbench::case())->do(['do' => 'clamp-current', ...(new ClampCurrentProcedure)->example(), ...$wrong]);
            self::fail('done');
        } catch (UnfitAction $unfit) {
            self::assertSame($field, $unfit->field);
        }
    }

    public function test_it_tells_a_broken_wire_from_a_sound_one(): void
    {
        $predictions = [];
        foreach ([Workbench::healthyCar(self::ACTIVE), Workbench::withFaultOn(self::ACTIVE, 'loom-open', 'FL', '1')] as $bench) {
            $vehicle = $bench->car->vehicle;
            $tests = array_filter((new ClampCurrentProcedure)->candidateTests($vehicle, $vehicle->channel('FL')), static fn (CandidateTest $test): bool => $test->id === 'clamp-first-wire');
            foreach ($tests as $test) {
                $predictions[] = abs(self::of($bench->do(...$test->actions())));
            }
        }

        self::assertCount(2, $predictions);
        self::assertGreaterThan($predictions[1] + 0.004, $predictions[0]);
    }

    private static function amperes(Workbench $bench, string $pad): float
    {
        return self::of($bench->do(new ClampCurrent($pad, 2.0, true)));
    }

    private static function of(Observation $observation): float
    {
        $shown = $observation->number('current');
        self::assertNotNull($shown, (string) $observation->refusal?->value);

        return $shown->overload ? INF : $shown->si;
    }
}
