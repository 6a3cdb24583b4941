<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Gauge\GaugeGap;
use Lernfall\Bay\Gauge\GaugeGapProcedure;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Gauging, drawing the sensor out, exchanging sensors, counting frequency. */
final class WheelWorkTest extends TestCase
{
    public function test_feeler_gauges_find_the_gap_in_their_own_steps(): void
    {
        $gauge = ['do' => 'gauge-gap', 'channel' => 'FR'];
        $sound = Played::on(Workbench::case([['coil-open', 'RL']]))->secured()->do($gauge)->shown()->number('gap');
        $wide = Played::on(Workbench::case([['gap-large', 'FR', '', 0.0009]]))->secured()->do($gauge)->shown()->number('gap');

        self::assertEqualsWithDelta(0.00062, $sound?->si, 0.00012);
        self::assertEqualsWithDelta(0.0, fmod(($wide->si ?? 0.0) / 0.00005 + 0.5, 1.0) - 0.5, 1e-6);
        self::assertEqualsWithDelta(0.00152, $wide?->si, 0.0002);
    }

    /** Round a turn a sound ring differs by a blade at most; one that runs out of true by twice its run-out: at the second place it is nearest to the hub, at the fourth to the sensor. */
    public function test_blades_are_tried_at_four_places_of_a_turn(): void
    {
        $gauge = ['do' => 'gauge-gap', 'channel' => 'FR'];
        $sound = Played::on(Workbench::case([['coil-open', 'RL']]))->secured()->do($gauge)->shown();
        $bent = Played::on(Workbench::case([['ring-bent', 'FR', '', 0.0004]]))->secured()->do($gauge)->shown();
        self::assertLessThanOrEqual(0.0001, $sound->number('spread')?->si);
        self::assertEqualsWithDelta(0.0008, $bent->number('spread')?->si, 0.0001);

        $shows = $bent->picture->shows ?? [];
        self::assertSame('blades', $bent->picture?->drawing);
        self::assertEqualsWithDelta(1000.0 * ($bent->number('gap')->si ?? 0.0), $shows['place.1'], 1e-6);
        self::assertSame($shows['place.1'], $shows['place.3']);
        self::assertEqualsWithDelta(0.8, $shows['place.2'] - $shows['place.4'], 0.1);
        self::assertNull(Workbench::simulator()->predict(Car::hypothesis(Workbench::vehicle(), Workbench::vehicle()), new GaugeGap('FR'))[0]->prediction->picture);
    }

    /** A magnet ring in its hub leaves no way in for a blade: that is what is found, with any gap and by any hand, and it can be written down. */
    public function test_where_no_blade_can_be_put_in_that_is_what_is_found(): void
    {
        $lendo = Workbench::vehicle('lendo-15');
        $gauge = ['do' => 'gauge-gap', 'channel' => 'RL'];
        foreach ([['gap-large', 'RL', '', 0.0009], ['sensor-dead', 'FR']] as $fault) {
            $found = Played::on(Workbench::case([$fault], $lendo))->secured()->do($gauge);
            self::assertSame(['reach'], array_keys($found->shown()->values));
            self::assertSame('no-way-in', $found->shown()->word('reach'));
            self::assertNull($found->shown()->picture);
            $found->do(['do' => 'write-reading', 'of' => count($found->job->steps), 'feature' => 'reach', 'value' => null, 'unit' => '', 'word' => 'no-way-in', 'judgement' => 'unsure', 'comparedWith' => '']);
            self::assertNull($found->shown()->refusal);
        }
        $tests = array_map(static fn (string $channel): array => array_column((new GaugeGapProcedure)->candidateTests($lendo, $lendo->channel($channel)), 'id'), ['FL', 'RL']);
        self::assertSame([['gauge-gap'], []], $tests);
    }

    public function test_nobody_gauges_or_draws_out_on_the_floor(): void
    {
        foreach ([['do' => 'gauge-gap', 'channel' => 'FR'], ['do' => 'look', 'channel' => 'FR', 'at' => 'tip'], ['do' => 'swap-sensors', 'channel' => 'FR']] as $action) {
            self::assertSame('unsecured', Played::on(Workbench::case())->do($action)->shown()->refusal?->value);
        }
    }

    public function test_dust_on_the_tip_is_seen_once_it_is_drawn_out_and_cleaning_it_helps(): void
    {
        $played = Played::on(Workbench::case([['tip-dusty', 'FR', '', 0.9]]), 'b')->secured()->do(['do' => 'look', 'channel' => 'FR', 'at' => 'tip']);
        self::assertSame('tip-dusty', $played->shown()->word('sight'));

        $played->do(['do' => 'repair', 'kind' => 'clean-tip', 'channel' => 'FR']);
        self::assertEquals($played->job->case->sound, $played->job->car->vehicle);
    }

    public function test_a_swap_moves_what_belongs_to_the_sensor_and_leaves_the_rest(): void
    {
        $ohms = static fn (string $corner): array => ['do' => 'measure', 'function' => 'ohms', 'first' => "$corner.sensor-plug.wheel.1", 'second' => "$corner.sensor-plug.wheel.2"];
        $open = [['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug']];
        $played = Played::on(Workbench::case([['gap-large', 'FR', '', 0.0009]]))->secured()->do(...$open)->do($ohms('FL'));
        $left = $played->shown()->number('reading')?->si;
        $right = $played->do($ohms('FR'))->shown()->number('reading')?->si;
        self::assertNotSame($left, $right);

        $played->do(['do' => 'swap-sensors', 'channel' => 'FR'], ...$open)->do($ohms('FR'));
        self::assertEqualsWithDelta($left, $played->shown()->number('reading')?->si, 2.0);
        self::assertEqualsWithDelta(0.00152, $played->do(['do' => 'gauge-gap', 'channel' => 'FR'])->shown()->number('gap')?->si, 0.0002);
    }

    public function test_the_code_follows_a_swapped_sensor_after_a_key_cycle(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured()->do(
            ['do' => 'swap-sensors', 'channel' => 'FL'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'clear-codes'],
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'],
        );

        self::assertSame(['C0035-13' => 'present'], Workbench::codes($played->shown()));
    }

    public function test_the_counter_sees_the_teeth_that_are_there(): void
    {
        $count = ['do' => 'measure', 'function' => 'hertz', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];
        $whole = Played::on(Workbench::case())->secured()->do(['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'])
            ->do(['do' => 'measure', 'function' => 'hertz', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'])->shown()->number('reading')?->si;
        $gapped = Played::on(Workbench::case([['tooth-missing', 'FR', '', 2.0]]))->secured()
            ->do(['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 1.0], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $count)->shown()->number('reading')?->si;

        self::assertEqualsWithDelta(46.0, $whole, 0.3);
        self::assertEqualsWithDelta(44.0, $gapped, 0.3);
    }

    public function test_a_counter_sees_nothing_in_a_signal_that_is_too_weak(): void
    {
        $played = Played::on(Workbench::case([['gap-large', 'FR', '', 0.0016]]))->secured()->do(
            ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'],
            ['do' => 'measure', 'function' => 'hertz', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'],
        );

        self::assertEqualsWithDelta(0.0, $played->shown()->number('reading')?->si, 0.2);
    }
}
