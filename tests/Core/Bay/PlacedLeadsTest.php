<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\Job;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Leads and load of the bench supply where hands have put them. */
final class PlacedLeadsTest extends TestCase
{
    private const PIN_1 = 'FL.sensor-plug.wheel.1';

    private const PIN_2 = 'FL.sensor-plug.wheel.2';

    /** By hand: the mean of 7.1 and 14.2 mA over 100 Ω is 1.07 V, over 220 Ω 2.34 V. */
    #[TestWith([100.0, 1.07])]
    #[TestWith([220.0, 2.34])]
    public function test_a_two_wire_sensor_works_over_the_load_that_was_chosen(float $ohms, float $volts): void
    {
        $played = $this->fed(['positive' => self::PIN_1, 'negative' => '', 'loadFirst' => self::PIN_2, 'loadSecond' => 'bench.negative', 'loadOhms' => $ohms])->do(
            ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0], ['do' => 'measure', 'function' => 'volts-dc', 'first' => self::PIN_2, 'second' => 'bench.negative'],
        );

        self::assertEqualsWithDelta($volts, $played->shown()->number('reading')?->si, 0.06 * $volts);
    }

    public function test_without_a_load_nothing_is_to_be_seen_on_the_return(): void
    {
        $played = $this->fed(['positive' => self::PIN_1, 'negative' => self::PIN_2, 'loadFirst' => '', 'loadSecond' => '', 'loadOhms' => 100.0])->do(
            ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 1.0], ['do' => 'measure', 'function' => 'volts-ac', 'first' => self::PIN_2, 'second' => 'bench.negative'],
        );

        self::assertLessThan(0.001, $played->shown()->number('reading')?->si);
    }

    public function test_a_lead_that_hangs_free_feeds_nothing(): void
    {
        $shown = $this->fed(['positive' => self::PIN_1, 'negative' => '', 'loadFirst' => '', 'loadSecond' => '', 'loadOhms' => 100.0])->shown();

        self::assertLessThan(0.0002, $shown->number('amperes')?->si);
    }

    public function test_the_wrong_way_round_it_kills_the_sensor(): void
    {
        $played = $this->fed(['positive' => self::PIN_2, 'negative' => self::PIN_1, 'loadFirst' => '', 'loadSecond' => '', 'loadOhms' => 100.0]);

        self::assertNotEquals($played->job->case->sound->channel('FL')->sensor, $played->job->car->vehicle->channel('FL')->sensor);
    }

    /** By hand: the first sweep begins with nothing for two of its ten divisions, then stands at 7.1 or 14.2 mA over 100 Ω; the next one stands from the start. */
    public function test_the_first_touch_jumps_once(): void
    {
        $sweep = ['do' => 'capture', 'inputs' => [['first' => self::PIN_2, 'second' => 'bench.negative', 'voltsPerDivision' => 0.5, 'coupling' => 'dc']], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.3, 'edge' => 'rising']];
        $played = $this->fed(['positive' => self::PIN_1, 'negative' => '', 'loadFirst' => self::PIN_2, 'loadSecond' => 'bench.negative', 'loadOhms' => 100.0])->do($sweep);
        $first = $played->shown()->trace('a.trace');
        $second = $played->do($sweep)->shown()->trace('a.trace');
        self::assertNotNull($first);
        self::assertNotNull($second);
        $volts = static fn ($trace, int $sample): float => $trace->steps[$sample] * $trace->voltsPerStep;

        self::assertEqualsWithDelta(0.0, $volts($first, 100), 0.06);
        self::assertGreaterThan(0.6, $volts($first, 1000));
        self::assertEqualsWithDelta($volts($first, 1000), $volts($second, 100), 0.08);

        $again = Job::begin($played->job->case, 'a');
        foreach ($played->job->steps as $step) {
            $again = $again->recall($step->action, $step->observation, Workbench::simulator());
        }
        self::assertFalse($again->car->state->connections->justTouched, 'taken up again after the first sweep');
    }

    #[TestWith(['positive', 'FR.sensor-plug.wheel.1'])]
    #[TestWith(['positive', 'battery.positive'])]
    #[TestWith(['negative', 'FL.sensor-plug.module.2'])]
    #[TestWith(['loadSecond', 'body'])]
    #[TestWith(['loadSecond', self::PIN_2])]
    public function test_leads_go_on_pins_of_the_unplugged_sensor_only(string $what, string $pad): void
    {
        $this->expectException(UnfitAction::class);
        $this->fed([$what => $pad] + ['positive' => self::PIN_1, 'negative' => '', 'loadFirst' => self::PIN_2, 'loadSecond' => 'bench.negative', 'loadOhms' => 100.0]);
    }

    /** @param  array<string, mixed>  $leads */
    private function fed(array $leads): Played
    {
        return Played::on(Workbench::case([['tyre-other-size', 'RR', '', 0.97]], Workbench::vehicle('lendo-15')))->secured()->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            ['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 12.0, 'milliamperes' => 100.0, 'reversed' => false, 'leads' => $leads],
        );
    }
}
