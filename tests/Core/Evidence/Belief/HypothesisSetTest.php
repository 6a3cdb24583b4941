<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\HypothesisBranch;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Investigated;
use Tests\Support\Workbench;

/** What was done to the car is done to every suspect, and what was shown is weighed against what each would have shown. */
final class HypothesisSetTest extends TestCase
{
    private const PAIR = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];

    private const SENSOR = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    public function test_a_code_leaves_the_faults_of_its_circuit_and_a_reading_halves_them(): void
    {
        $work = Investigated::on(Workbench::case())->codesRead();
        foreach ($work->posterior()->covering(0.99) as $hypothesis) {
            self::assertStringContainsString('@FR', $work->set->hypotheses->all[$hypothesis]->name());
        }
        $work->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], self::SENSOR);

        self::assertGreaterThan(0.95, $work->chance('coil-open@FR'), 'no wire could hide an open coil');
    }

    /** Independent repeats would drive any rival to nothing. */
    public function test_repeating_a_measurement_creates_no_certainty(): void
    {
        $work = Investigated::on(Workbench::case([['plug-corroded', 'FR', '1', 1500.0]]))->codesRead()
            ->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'module-plug'], self::PAIR);
        $before = $work->posterior()->byName();
        $work->do(self::PAIR, self::PAIR, self::PAIR, self::PAIR, self::PAIR);

        foreach (['plug-corroded@FR', 'loom-resistive@FR', 'coil-shorted@FR'] as $name) {
            self::assertEqualsWithDelta($before[$name], $work->chance($name), 0.02, $name);
        }
    }

    /** The same sweep two hundred times costs what one does: nothing is worked out twice, nor kept twice. */
    public function test_a_question_repeated_on_a_car_that_stands_is_worked_out_once(): void
    {
        $sweep = ['do' => 'capture', 'inputs' => [['first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2', 'voltsPerDivision' => 0.1, 'coupling' => 'dc']], 'secondsPerDivision' => 0.02, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']];
        $work = Investigated::on(Workbench::case())->do(['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'], ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5], $sweep, ['do' => 'look-at-lamps'], $sweep, ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.4], $sweep);
        $ways = $work->set->likeliest();

        // a wheel that turns freely has no brake that drags or holds: what is as good as ruled out is not followed any further
        $followed = array_values(array_filter($ways, static fn (HypothesisBranch $way): bool => $way->car->vehicle->unit()->hydraulics->wheels['FR']->brake->freeNewtonMetres() === 0.0));
        self::assertGreaterThan(800, count($followed));
        foreach ($followed as $way) {
            self::assertSame($way->predictions[5], $way->predictions[7]);
            self::assertSame(9, $way->standsSince, 'it turns more slowly');
        }
        self::assertNotEquals($work->set->sound()->predictions[5], $work->set->sound()->predictions[9]);
        $curves = array_unique(array_map(static fn (HypothesisBranch $way): int => spl_object_id($way->predictions[5]), $ways));
        self::assertLessThan(count($ways) / 4, count($curves), 'most faults sit elsewhere');
    }

    /** A hub that cools leaves the lamps as they were: they are looked at anew, and what is expected again is kept once. */
    public function test_what_is_expected_again_is_kept_once(): void
    {
        $look = ['do' => 'look-at-lamps'];
        $work = Investigated::on(Workbench::case([['coil-open', 'FR']]))->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], $look, $look);

        self::assertGreaterThan(3, $work->set->sound()->standsSince);
        foreach ($work->set->likeliest() as $way) {
            self::assertSame($way->predictions[3], $way->predictions[4]);
        }
    }

    /** Whoever drives or warms a hub asks something new with the same words. */
    public function test_what_has_changed_meanwhile_is_worked_out_anew(): void
    {
        $work = Investigated::on(Workbench::case([['loom-open', 'FR', '1', null, Provocation::Bumps]]))->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], ['do' => 'road-test']);

        $coming = array_filter($work->set->likeliest(), static fn (HypothesisBranch $way): bool => $work->set->hypotheses->all[$way->hypothesis]->name() === 'loom-open@FR');
        self::assertNotSame([], $coming);
        foreach ($coming as $way) {
            self::assertSame(4, $way->standsSince, 'after the second drive');
        }
    }

    /** A hub that was warmed cools while it is measured: every suspect's coil does, some a little more than others. */
    public function test_measuring_again_while_a_coil_cools_creates_no_certainty(): void
    {
        $read = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.module-plug.wheel.1', 'second' => 'FL.module-plug.wheel.2'];
        $warm = static fn (string $how): array => ['do' => 'provoke', 'how' => $how, 'channel' => 'FL'];
        $work = Investigated::on(Workbench::case([['coil-grounded', 'FL', '', 532.4]], Workbench::vehicle('ostrel-t2')))
            ->do(['do' => 'ignition', 'to' => 'on'], $read, $warm('heat'), $read, $warm('nothing'));
        $before = $work->posterior()->byName();
        for ($time = 0; $time < 6; $time++) {
            $work->do($read);
        }

        foreach (['plug-corroded@FL', 'loom-resistive@FL', 'coil-shorted@FL', 'coil-grounded@FL'] as $name) {
            self::assertEqualsWithDelta($before[$name], $work->chance($name), 0.03, $name);
        }
    }

    /** Lock to lock and back again: what never moves speaks against a wire that would move it, every time anew or not at all. */
    public function test_moving_to_and_fro_in_vain_makes_nothing_likelier(): void
    {
        $lock = static fn (string $how): array => ['do' => 'provoke', 'how' => $how, 'channel' => 'FL'];
        $read = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.module-plug.wheel.1', 'second' => 'FL.module-plug.wheel.2'];
        $work = Investigated::on(Workbench::case([['ring-cracked', 'FR', '', 0.2]]), knowledge: new CaseKnowledge(lampTold: false))->codesRead()->do($read);
        $chance = $work->chance('loom-chafed@FL');
        foreach (['steering-left', 'steering-right', 'steering-left', 'steering-right'] as $how) {
            $after = $work->do($lock($how), $read)->chance('loom-chafed@FL');
            self::assertLessThan($chance + 0.001, $after, $how);
            $chance = $after;
        }
    }

    /** Where the wheel has come to rest decides between two levels, whatever else is wrong or not. */
    public function test_a_reading_as_usual_at_one_corner_leaves_the_others_as_they_were(): void
    {
        $lendo = Workbench::case([['gap-large', 'RL', '', 0.0009]], Workbench::vehicle('lendo-15'));
        $levels = [];
        foreach (['a', 'd'] as $seed) {
            $work = Investigated::on($lendo, $seed, new CaseKnowledge(lampTold: false))->codesRead()->do(['do' => 'look-at-lamps']);
            $ratio = static fn (): float => $work->chance('gap-large@FR') / $work->chance('loom-untwisted@FR');
            $before = $ratio();
            $work->do(['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2']);
            $levels[] = round($work->job->lastStep()?->observation->number('reading')->si ?? 0.0);

            self::assertEqualsWithDelta(1.0, $ratio() / $before, 0.01, $seed);
        }
        self::assertSame([11.0, 12.0], array_values(array_unique([min($levels), max($levels)])), 'both levels were met');
    }

    public function test_what_the_eye_has_overlooked_it_overlooks_again(): void
    {
        $look = ['do' => 'look', 'channel' => 'FR', 'at' => 'cable'];
        $work = Investigated::on(Workbench::case([['coil-open', 'FR']]))->codesRead()->do($look);
        $before = $work->chance('loom-grounded@FR') + $work->chance('loom-open@FR');
        $work->do($look, $look, $look);

        self::assertEqualsWithDelta($before, $work->chance('loom-grounded@FR') + $work->chance('loom-open@FR'), 1e-6);
    }

    /** Lendo: with the plug open the supply stays on until the key is turned, and then only the weak test level comes. */
    public function test_the_order_of_plug_and_key_is_folded_into_every_suspect(): void
    {
        $supply = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.sensor-plug.module.1', 'second' => 'body'];
        $case = Workbench::case([['sensor-dead', 'FL']], Workbench::vehicle('lendo-15'));
        $work = Investigated::on($case)->codesRead()->do(['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], $supply);

        self::assertEqualsWithDelta(4.8, $work->job->lastStep()?->observation->number('reading')->si ?? 0.0, 0.3);
        self::assertGreaterThan(0.05, $work->chance('sensor-dead@FL'), 'the open plug convicts nobody');
        self::assertLessThan(0.1, $work->chance('module-supply-dead@FL'));
    }

    /** A sensor fed backwards is dead on every suspect, whatever was wrong before; what the car came for is something else. */
    public function test_damage_is_done_to_every_suspect(): void
    {
        $case = Workbench::case([['loom-open', 'FL', '2']], Workbench::vehicle('lendo-15'));
        $work = Investigated::on($case)->codesRead()->do(
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'],
            ['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 12.0, 'milliamperes' => 100.0, 'reversed' => true],
        );
        $remedies = new Remedies(Workbench::simulator());

        self::assertSame('repair-loom@FL', $remedies->name($work->job->car));
        self::assertFalse($remedies->helps($work->job->car, new Repair(RepairKind::ReplaceSensor, 'FL')));
        $dead = $work->job->car->vehicle->channel('FL')->sensor;
        self::assertNotEquals($work->job->case->sound->channel('FL')->sensor, $dead);
        foreach ($work->posterior()->covering(0.9) as $hypothesis) {
            $car = $work->set->likeliest()[$hypothesis]->car;
            self::assertNotEquals($car->sound->channel('FL')->sensor, $car->vehicle->channel('FL')->sensor);
            if ($work->set->hypotheses->all[$hypothesis]->faults[0]->kind->station === 'loom') {
                self::assertSame('repair-loom@FL', $remedies->name($car));
            }
        }
    }

    public function test_silent_faults_stay_possible_where_nothing_speaks_against_them(): void
    {
        $work = Investigated::on(Workbench::case([['tooth-chipped', 'FR']]), 'a', new CaseKnowledge)->codesRead();

        self::assertGreaterThan(0.0, $work->chance('nothing'));
        self::assertGreaterThan(0.001, $work->chance('tooth-chipped@FR'));
        self::assertLessThan(0.02, $work->chance('coil-open@FR'));
    }

    public function test_a_complaint_about_a_lamp_is_the_first_observation(): void
    {
        $told = Investigated::on(Workbench::case(), 'a', new CaseKnowledge(lampTold: true));
        $untold = Investigated::on(Workbench::case(), 'a', new CaseKnowledge(lampTold: false));

        self::assertLessThan($untold->chance('nothing') / 5.0, $told->chance('nothing'));
    }

    public function test_an_old_code_is_a_suspect_of_its_own(): void
    {
        $work = Investigated::on(Workbench::case([['old-code', 'FR']]))->codesRead();

        self::assertGreaterThan(0.8, $work->chance('old-code@FR') + $work->chance('spun-on-lift@FR'));
    }

    /** The code follows the sensor to the other side; ring, gap and loom stay. */
    public function test_a_swap_moves_what_belongs_to_the_sensor(): void
    {
        $work = Investigated::on(Workbench::case())->codesRead()->do(
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
            ['do' => 'swap-sensors', 'channel' => 'FR'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'clear-codes'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'],
        );

        self::assertSame('present', $work->job->lastStep()?->observation->word('C0035-13'));
        self::assertGreaterThan(0.9, $work->chance('coil-open@FR'));
    }

    public function test_six_clean_bends_do_not_prove_that_there_is_nothing(): void
    {
        $case = Workbench::case([['loom-chafed', 'FR', '1']], Workbench::vehicle('lendo-15'));
        $hypotheses = Workbench::hypotheses()->of($case->sound, new CaseKnowledge);
        $levels = array_filter($hypotheses->all, static fn (Hypothesis $one): bool => str_starts_with($one->key, 'loom-chafed:FR:1:0.5:steering-left'));
        self::assertCount(3, $levels, 'one car for each readiness');
        $work = Investigated::on(Workbench::case([['old-code', 'FR']], Workbench::vehicle('lendo-15')), 'a', new CaseKnowledge)->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes']);
        $before = $work->chance('loom-chafed@FR') / $work->chance('old-code@FR');
        foreach (range(1, 6) as $drive) {
            $work->do(['do' => 'road-test', 'route' => 'left-bends']);
        }
        $after = $work->do(['do' => 'read-codes'])->chance('loom-chafed@FR') / $work->chance('old-code@FR');

        self::assertLessThan($before, $after, 'it has become less likely');
        self::assertGreaterThan($before * 0.15 ** 6, $after, 'by less than six certain tests');
    }

    /** Two codes: some pair sets both. Which one is as open as with a single code, and the meter finds it. */
    public function test_two_coded_corners_call_for_a_pair_and_do_not_tell_which(): void
    {
        $work = Investigated::on(Workbench::case([['coil-open', 'FR'], ['loom-open', 'RL', '1']]))->codesRead();
        $pairs = array_sum(array_filter($work->posterior()->byName(), static fn (string $name): bool => str_contains($name, '+'), ARRAY_FILTER_USE_KEY));
        self::assertGreaterThan(0.9, $pairs);
        self::assertLessThan(0.3, $work->chance('coil-open@FR+loom-open@RL'));

        $work->do(
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'], self::SENSOR, ['do' => 'unplug', 'plug' => 'module-plug'], ['do' => 'unplug', 'plug' => 'RL.sensor-plug'],
            ['do' => 'measure', 'function' => 'ohms', 'first' => 'RL.sensor-plug.module.1', 'second' => 'RL.module-plug.wheel.1'],
        );
        self::assertGreaterThan(0.9, $work->chance('coil-open@FR+loom-open@RL'));
    }

    public function test_a_pair_that_an_instructor_names_is_a_suspect(): void
    {
        $pair = Workbench::case([['coil-open', 'FR'], ['gap-large', 'FR']])->faults;
        $names = array_map(static fn (Hypothesis $one): string => $one->name(), Workbench::hypotheses()->of(Workbench::vehicle(), new CaseKnowledge(pairs: [$pair]))->all);

        self::assertContains('coil-open@FR+gap-large@FR', $names);
    }

    public function test_a_part_renewed_in_vain_is_evidence_when_the_code_comes_back(): void
    {
        $work = Investigated::on(Workbench::case([['loom-open', 'FR', '1']]))->codesRead();
        self::assertGreaterThan(0.05, $work->chance('coil-open@FR'));
        $work->do(
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
            ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'clear-codes'],
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'],
        );

        self::assertLessThan(0.01, $work->chance('coil-open@FR'));
    }

    /** Three concrete strengths: one that is strong in one test is not weak in the next. */
    public function test_strengths_are_cars_of_their_own(): void
    {
        $hypotheses = Workbench::hypotheses()->of(Workbench::vehicle(), new CaseKnowledge);
        $strengths = array_filter($hypotheses->all, static fn (Hypothesis $one): bool => str_starts_with($one->key, 'plug-corroded:FR:1:') && str_ends_with($one->key, ':always'));

        self::assertCount(3, array_filter($strengths, static fn (Hypothesis $one): bool => count($one->faults) === 1));
    }

    public function test_priors_follow_the_catalogue_and_an_instructor_may_shift_them(): void
    {
        $case = Workbench::case();
        $sum = static fn (CaseKnowledge $knowledge): float => array_sum(array_map(
            static fn (Hypothesis $one): float => $one->name() === 'coil-open@FR' ? $one->prior : 0.0, Workbench::hypotheses()->of($case->sound, $knowledge)->all,
        ));

        self::assertEqualsWithDelta(Workbench::catalogue()->entry('coil-open')->prior, $sum(new CaseKnowledge), 1e-9);
        self::assertEqualsWithDelta(4.0 * $sum(new CaseKnowledge), $sum(new CaseKnowledge(['coil-open' => 4.0])), 1e-9);
    }
}
