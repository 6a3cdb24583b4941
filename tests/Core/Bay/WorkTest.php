<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\Note;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What hands and eyes do to the car, and what they are refused. */
final class WorkTest extends TestCase
{
    public function test_raising_without_chocks_is_refused(): void
    {
        self::assertSame('unsecured', Played::on(Workbench::case())->do(['do' => 'secure', 'step' => 'raise'])->shown()->refusal?->value);
    }

    public function test_stands_go_under_a_raised_car(): void
    {
        self::assertSame('not-raised', Played::on(Workbench::case())->do(['do' => 'secure', 'step' => 'stand'])->shown()->refusal?->value);
    }

    public function test_nobody_works_under_a_car_without_stands(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise']);

        self::assertSame('unsecured', $played->do(['do' => 'look', 'channel' => 'FR', 'at' => 'ring'])->shown()->refusal?->value);
        self::assertSame('unsecured', $played->do(['do' => 'repair', 'kind' => 'replace-hub', 'channel' => 'FR'])->shown()->refusal?->value);
    }

    public function test_a_wheel_is_not_turned_by_hand_with_the_engine_running(): void
    {
        $played = Played::on(Workbench::case())->secured()->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.5]);

        self::assertSame('engine-running', $played->shown()->refusal?->value);
    }

    public function test_lowering_lets_the_wheel_stand(): void
    {
        $played = Played::on(Workbench::case())->secured()->do(['do' => 'turn-wheel', 'channel' => 'FL', 'turnsPerSecond' => 0.5], ['do' => 'secure', 'step' => 'lower']);

        self::assertSame([], $played->job->car->state->wheels->channels());
    }

    #[TestWith(['raised', [['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise']]])]
    #[TestWith(['chocks-in', [['do' => 'secure', 'step' => 'chock']]])]
    #[TestWith(['engine-off', []])]
    public function test_the_road_test_needs_a_car_that_can_drive(string $refusal, array $before): void
    {
        self::assertSame($refusal, Played::on(Workbench::case())->do(...$before)->do(['do' => 'road-test'])->shown()->refusal?->value);
    }

    public function test_a_drive_warms_the_hubs_and_they_cool_again(): void
    {
        $ohms = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'];
        $cold = Played::on(Workbench::case())->do(['do' => 'unplug', 'plug' => 'FL.sensor-plug'], $ohms)->shown()->number('reading')?->si;
        $played = Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test', 'route' => 'warm-up'], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], $ohms);
        $warm = $played->shown()->number('reading')?->si;
        $later = $played->do(...array_fill(0, 60, ['do' => 'look-at-lamps']))->do($ohms)->shown()->number('reading')?->si;

        // a quarter of an hour at nearly 60 km/h raises the hubs by 21 K · (1 − exp(−15/6.5)) = 19 K, copper by 7 % (IEC 60028); an hour is more than three half-lives
        self::assertGreaterThan($cold * 1.03, $warm);
        self::assertLessThan($warm - 20.0, $later);
    }

    public function test_the_lamps_are_dark_without_ignition(): void
    {
        $shown = Played::on(Workbench::case())->do(['do' => 'look-at-lamps'])->shown();

        self::assertSame('off', $shown->word('abs'));
        self::assertSame([Note::LampsIgnitionOff], $shown->notes);
    }

    public function test_abs_and_traction_are_off_while_a_code_is_present(): void
    {
        $shown = Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'look-at-lamps'])->shown();

        self::assertSame(['on', 'on', 'off', 'systems-off'], array_map($shown->word(...), ['abs', 'traction', 'brake', 'message']));
        self::assertSame('lit', $shown->word('bulb.brake'), 'every lamp lights as the key is turned on');
    }

    public function test_what_an_eye_overlooked_it_overlooks_again(): void
    {
        $look = ['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug'];
        foreach (range(1, 12) as $seed) {
            $played = Played::on(Workbench::case([['plug-corroded', 'FR', '1', 420.0]]), "seed $seed")->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $look);
            $first = $played->shown()->word('sight');

            self::assertSame($first, $played->do($look)->shown()->word('sight'));
        }
    }

    public function test_some_eyes_see_faint_corrosion_and_some_do_not(): void
    {
        $seen = array_map(static fn (int $seed): string => Played::on(Workbench::case([['plug-corroded', 'FR', '1', 420.0]]), "seed $seed")
            ->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], ['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug'])->shown()->word('sight'), range(1, 40));

        self::assertEqualsCanonicalizing(['pins-clean', 'pins-green'], array_values(array_unique($seen)));
    }

    public function test_a_joined_plug_hides_its_pins(): void
    {
        $played = Played::on(Workbench::case([['plug-corroded', 'FR', '1']]))->do(['do' => 'look', 'channel' => 'FR', 'at' => 'sensor-plug']);

        self::assertSame('plug-joined-sound', $played->shown()->word('sight'));
    }

    /** @param  list<mixed>  $fault */
    #[TestWith([['coil-open', 'RL'], 'replace-sensor'])]
    #[TestWith([['loom-open', 'RL', '1'], 'repair-loom'])]
    #[TestWith([['loom-grounded', 'RL', '2', 650.0], 'repair-loom'])]
    #[TestWith([['plug-corroded', 'RL', '2', 26000.0], 'clean-plug'])]
    #[TestWith([['gap-large', 'RL', '', 0.0016], 'set-gap'])]
    #[TestWith([['gap-large', 'RL', '', 0.0016], 'replace-hub'])]
    #[TestWith([['tooth-missing', 'RL', '', 1.0], 'replace-hub'])]
    #[TestWith([['tooth-chipped', 'RL', '', 2.0], 'replace-hub'])]
    #[TestWith([['ring-cracked', 'RL', '', 0.9], 'replace-hub'])]
    #[TestWith([['ring-bent', 'RL', '', 0.0005], 'replace-hub'])]
    #[TestWith([['ring-dirty', 'RL', '', 0.85], 'clean-ring'])]
    #[TestWith([['tip-dusty', 'RL', '', 0.9], 'clean-tip'])]
    #[TestWith([['coil-shorted', 'RL', '', 0.75], 'replace-sensor'])]
    #[TestWith([['coil-grounded', 'RL', '', 3.0], 'replace-sensor'])]
    #[TestWith([['plug-pin-back', 'RL', '1'], 'clean-plug'])]
    #[TestWith([['plug-pins-swapped', 'RL'], 'clean-plug'])]
    #[TestWith([['module-plug-corroded', 'RL', '1', 26000.0], 'clean-module-plug'])]
    #[TestWith([['module-plug-pin-back', 'RL', '2'], 'clean-module-plug'])]
    #[TestWith([['loom-resistive', 'RL', '2', 9000.0], 'repair-loom'])]
    #[TestWith([['loom-to-supply', 'RL', '2', 0.8], 'repair-loom'])]
    #[TestWith([['loom-wires-together', 'RL', '', 0.6], 'repair-loom'])]
    #[TestWith([['module-input-dead', 'RL'], 'replace-module'])]
    public function test_a_repair_that_removes_a_fault_makes_the_car_sound_again(array $fault, string $repair): void
    {
        $played = Played::on(Workbench::case([$fault]))->secured()->do(['do' => 'repair', 'kind' => $repair, 'channel' => 'RL']);
        self::assertEquals($played->job->case->sound, $played->job->car->vehicle);

        $played->proven();
        self::assertSame([], array_keys($played->job->steps[count($played->job->steps) - 2]->observation->values, 'present', true));
    }

    public function test_a_new_sensor_differs_from_the_old_one_within_tolerance(): void
    {
        $ohms = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'];
        $played = Played::on(Workbench::case([['loom-open', 'RR', '1']]))->secured()->do(['do' => 'unplug', 'plug' => 'FL.sensor-plug'], $ohms);
        $old = $played->shown()->number('reading')?->si;
        $new = $played->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FL'], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], $ohms)->shown()->number('reading')?->si;

        self::assertNotSame($old, $new);
        self::assertEqualsWithDelta(1330.0, $new, 60.0);
    }
}
