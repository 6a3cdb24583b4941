<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** The module's own supply: what is lost on the way shows under load, and hides without it. */
final class SupplyPathTest extends TestCase
{
    public function test_a_rusty_ground_drops_its_share_under_load_and_nothing_without(): void
    {
        $played = Played::on(Workbench::case([['ground-rusty', 'car', '', 18.0]]))->do(['do' => 'ignition', 'to' => 'on']);
        // by hand: 12.5 V over 36 Ω of module, 18 Ω of rust and 0.09 Ω of the rest are 0.231 A, 4.16 V of them over the rust
        $drop = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'feed.ground', 'second' => 'body'];
        self::assertEqualsWithDelta(4.16, $played->do($drop)->shown()->number('reading')?->si, 0.05);

        $played->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'module-plug'], ['do' => 'ignition', 'to' => 'on'], $drop);
        self::assertEqualsWithDelta(0.0, $played->shown()->number('reading')?->si, 0.001);
        $played->do(['do' => 'measure', 'function' => 'volts-dc', 'first' => 'feed.supply', 'second' => 'feed.ground']);
        self::assertEqualsWithDelta(12.5, $played->shown()->number('reading')?->si, 0.1, 'without load it looks like full supply');
    }

    public function test_a_blown_fuse_has_the_battery_on_one_side_and_nothing_on_the_other(): void
    {
        $bench = Workbench::withFault('fuse-blown', 'car');
        $bench->do(new TurnKey(Ignition::On));

        self::assertEqualsWithDelta(12.5, $bench->meter(MeterFunction::VoltsDc, 'feed.fuse.in', 'body'), 0.1);
        self::assertEqualsWithDelta(0.0, $bench->meter(MeterFunction::VoltsDc, 'feed.fuse.out', 'body'), 0.01);
        self::assertEqualsWithDelta(12.5, $bench->meter(MeterFunction::VoltsDc, 'feed.fuse.in', 'feed.fuse.out'), 0.1);
    }

    public function test_behind_the_relay_there_is_voltage_only_with_the_key_on(): void
    {
        $bench = Workbench::healthy();
        self::assertEqualsWithDelta(0.0, $bench->meter(MeterFunction::VoltsDc, 'feed.relay.out', 'body'), 0.01);
        $bench->do(new TurnKey(Ignition::On));
        self::assertEqualsWithDelta(12.5, $bench->meter(MeterFunction::VoltsDc, 'feed.relay.out', 'body'), 0.1);
    }

    public function test_a_starved_module_does_not_answer_and_biases_nothing(): void
    {
        $bench = Workbench::withFault('relay-burnt', 'car', '', 90.0);
        $bench->do(new TurnKey(Ignition::On), new Unplug('FR.sensor-plug'));

        self::assertEqualsWithDelta(0.0, $bench->meter(MeterFunction::VoltsDc, 'FR.sensor-plug.module.1', 'body'), 0.01);
    }

    public function test_repairs_of_the_supply_bring_the_module_back(): void
    {
        foreach (['fuse-blown' => 'replace-fuse', 'relay-burnt' => 'replace-relay', 'ground-rusty' => 'clean-ground', 'battery-flat' => 'charge-battery'] as $kind => $repair) {
            $strongest = Workbench::catalogue()->entry($kind)->strengths;
            $played = Played::on(Workbench::case([[$kind, 'car', '', end($strongest)]]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
            self::assertSame('no', $played->shown()->word('answer'), $kind);

            $played->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'repair', 'kind' => $repair, 'channel' => 'car'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
            self::assertSame('yes', $played->shown()->word('answer'), $repair);
        }
    }

    /** Bridging what is suspected brings the module to life, which proves the suspicion and repairs nothing. */
    public function test_a_jumper_over_what_is_bad_wakes_the_module(): void
    {
        foreach ([
            ['ground-rusty', 90.0, ['first' => 'feed.ground', 'second' => 'body']], ['fuse-blown', 0.0, ['first' => 'feed.fuse.in', 'second' => 'feed.fuse.out']],
            ['relay-burnt', 90.0, ['first' => 'feed.fuse.out', 'second' => 'feed.relay.out']],
        ] as [$kind, $strength, $lead]) {
            $played = Played::on(Workbench::case([[$kind, 'car', '', $strength]]))->do(
                ['do' => 'connect-leads', 'leads' => [$lead]], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'],
            );
            self::assertSame('yes', $played->shown()->word('answer'), $kind);
            self::assertEqualsWithDelta(12.4, $played->do(['do' => 'measure', 'function' => 'volts-dc', 'first' => 'feed.supply', 'second' => 'feed.ground'])->shown()->number('reading')?->si, 0.15, $kind);

            $played->do(['do' => 'connect-leads', 'leads' => []], ['do' => 'read-codes']);
            self::assertSame('no', $played->shown()->word('answer'), "$kind is still there");
        }
    }

    public function test_a_lead_from_battery_to_body_behind_the_fuse_glows(): void
    {
        $played = Played::on(Workbench::case([['fuse-blown', 'car']]))->do(['do' => 'connect-leads', 'leads' => [['first' => 'feed.fuse.in', 'second' => 'body']]]);

        self::assertSame('lead-glows', $played->shown()->refusal?->value);
    }
}
