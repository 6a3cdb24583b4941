<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Both wheels of the driven axle turned by the engine on stands, and who may be where meanwhile. */
final class PowerTest extends TestCase
{
    private const RUN = ['do' => 'run-axle', 'running' => true];

    /** By hand: 7 km/h, 1.94 m/s, after a second and a half of pulling away. */
    public function test_both_wheels_turn_and_their_speeds_stand_side_by_side(): void
    {
        $shown = $this->running('harl-13')->shown();

        self::assertSame(['FL.speed', 'FR.speed'], array_keys($shown->values));
        foreach (['FL', 'FR'] as $corner) {
            $series = $shown->series("$corner.speed");
            self::assertNotNull($series);
            self::assertEqualsWithDelta(10.0 + 7.0 / 3.6 / 1.4, count($series->steps) * $series->secondsPerSample, 0.15);
            self::assertEqualsWithDelta(7.0 / 3.6, $series->steps[count($series->steps) - 1] * $series->resolution, 0.05);
        }
        self::assertSame(['RL.speed', 'RR.speed'], array_keys($this->running('brack-22')->shown()->values), 'driven at the rear');
    }

    public function test_a_gap_in_the_ring_shows_beside_the_other_corner(): void
    {
        $shown = $this->running('harl-13', [['tooth-missing', 'FL', '', 3.0]])->shown();
        $late = static fn (string $corner): array => array_slice($shown->series("$corner.speed")->steps ?? [], 30);

        self::assertGreaterThan(4, max($late('FL')) - min($late('FL')));
        self::assertLessThanOrEqual(1, max($late('FR')) - min($late('FR')));
    }

    /** By hand: 1.94 m/s over 1.755 m a turn and 46 teeth are 51 Hz. */
    public function test_instruments_read_the_turning_wheels(): void
    {
        $played = $this->running('harl-13')->do(['do' => 'measure', 'function' => 'hertz', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2']);

        self::assertEqualsWithDelta(50.9, $played->shown()->number('reading')?->si, 0.6);
        self::assertGreaterThan(6.8 / 3.6, $played->do(['do' => 'live-speeds', 'kilometresPerHour' => 0.0])->shown()->number('FL.speed')?->si);
    }

    #[TestWith(['unsecured', [['do' => 'ignition', 'to' => 'running'], self::RUN]])]
    #[TestWith(['engine-off', [['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'], self::RUN]])]
    #[TestWith(['steering-turned', [['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'provoke', 'how' => 'steering-left', 'channel' => 'FL'], self::RUN]])]
    /** @param  list<array<string, mixed>>  $actions */
    public function test_it_is_refused_where_it_is_not_safe(string $refusal, array $actions): void
    {
        self::assertSame($refusal, Played::on(Workbench::case([['tyre-other-size', 'RR']]))->do(...$actions)->shown()->refusal?->value);
    }

    public function test_nothing_drives_a_trailer(): void
    {
        self::assertSame('not-driven', Played::on(Workbench::case([['tyre-other-size', 'RR']], Workbench::vehicle('ostrel-t2')))->secured()->do(['do' => 'ignition', 'to' => 'running'], self::RUN)->shown()->refusal?->value);
    }

    #[TestWith([['do' => 'look', 'channel' => 'FL', 'at' => 'ring']])]
    #[TestWith([['do' => 'rock-wheel', 'channel' => 'FL']])]
    #[TestWith([['do' => 'unplug', 'plug' => 'FL.sensor-plug']])]
    #[TestWith([['do' => 'provoke', 'how' => 'wiggle-cable', 'channel' => 'FL']])]
    #[TestWith([['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.5]])]
    #[TestWith([['do' => 'gauge-gap', 'channel' => 'FL']])]
    #[TestWith([['do' => 'repair', 'kind' => 'set-gap', 'channel' => 'FL']])]
    /** @param  array<string, mixed>  $action */
    public function test_nobody_reaches_in_while_wheels_turn_under_power(array $action): void
    {
        $played = $this->running('harl-13')->do($action);
        self::assertSame('wheels-under-power', $played->shown()->refusal?->value);

        self::assertNotSame('wheels-under-power', $played->do(['do' => 'run-axle', 'running' => false], $action)->shown()->refusal?->value);
    }

    public function test_the_key_and_the_lift_stop_it(): void
    {
        self::assertSame([], $this->running('harl-13')->do(['do' => 'ignition', 'to' => 'on'])->job->car->state->wheels->channels());
        self::assertSame([], $this->running('harl-13')->do(['do' => 'secure', 'step' => 'lower'])->job->car->state->wheels->channels());
    }

    /** At lock the drive stands still and the wheel is turned by hand. */
    public function test_at_lock_a_wheel_is_turned_by_hand(): void
    {
        $played = Played::on(Workbench::case([['loom-open', 'FR', '1', 0.0, \Lernfall\Vehicle\Provocation::SteeringRight]]))->secured()->do(
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'provoke', 'how' => 'steering-right', 'channel' => 'FR'], ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 1.0], ['do' => 'live-speeds', 'kilometresPerHour' => 0.0],
        );

        self::assertSame(0.0, $played->shown()->number('FR.speed')?->si);
    }

    /** @param  list<array{string, string, 2?: string, 3?: float}>  $faults */
    private function running(string $car, array $faults = [['tyre-other-size', 'RR', '', 0.97]]): Played
    {
        return Played::on(Workbench::case($faults, Workbench::vehicle($car)))->secured()->do(['do' => 'ignition', 'to' => 'running'], self::RUN);
    }
}
