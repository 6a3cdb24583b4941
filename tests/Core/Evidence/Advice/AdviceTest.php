<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\Preparation;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Solving\Path;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Investigated;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** What is sensible next, and where following it leads. */
final class AdviceTest extends TestCase
{
    public function test_the_next_test_tells_more_than_nothing_and_costs_its_preparation(): void
    {
        $work = Investigated::on(Workbench::case())->codesRead();
        $advice = $this->adviser()->on($work->set, $work->posterior());

        self::assertFalse($advice->isToRepair(), 'a code names a circuit');
        self::assertGreaterThan(0.5, $advice->tests[0]->bits);
        self::assertSame('FR', $advice->tests[0]->trial->place);
        self::assertGreaterThan($advice->tests[0]->trial->minutes * Workbench::simulator()->workshop->costPerMinute - 1e-9, $advice->tests[0]->trial->cost);
        foreach ($advice->tests as $testValue) {
            self::assertLessThanOrEqual($advice->repairs->bits() + 0.2, $testValue->bits, $testValue->trial->id);
        }
    }

    public function test_the_same_question_in_other_circumstances_is_named_once(): void
    {
        $work = Investigated::on(Workbench::case())->codesRead();
        $advice = $this->adviser()->on($work->set, $work->posterior());
        $questions = array_map(static fn ($one): string => $one->trial->question()->question(), $advice->different());

        self::assertSame($advice->tests[0], $advice->different()[0]);
        self::assertSame(array_values(array_unique($questions)), $questions);
        self::assertLessThan(count($advice->tests), count($questions));
    }

    public function test_a_test_that_has_been_made_is_not_advised_again(): void
    {
        $work = Investigated::on(Workbench::case())->codesRead();
        $first = $this->adviser()->on($work->set, $work->posterior())->tests[0]->trial;
        $work->do(...$first->actions());
        $next = $this->adviser()->on($work->set, $work->posterior());

        self::assertNotContains($first->id.$first->place, array_map(static fn ($one): string => $one->trial->id.$one->trial->place, $next->tests));
    }

    public function test_with_the_fault_found_repairing_is_advised(): void
    {
        $work = Investigated::on(Workbench::case())->codesRead()->do(
            new TurnKey(Ignition::Off), new Unplug('FR.sensor-plug'), new Measure(MeterFunction::Ohms, 'FR.sensor-plug.wheel.1', 'FR.sensor-plug.wheel.2'),
            new Measure(MeterFunction::Ohms, 'FR.sensor-plug.wheel.1', 'body'), new Measure(MeterFunction::Ohms, 'FR.sensor-plug.wheel.2', 'body'),
        );
        $advice = $this->adviser()->on($work->set, $work->posterior());

        self::assertSame('replace-sensor@FR', $advice->remedy);
        self::assertLessThan(1.1 * ($advice->costOfTesting() ?? INF), $advice->costNow, 'within a tenth of the best test');
        self::assertGreaterThan(0.95, $advice->repairs->helps(new Repair(RepairKind::ReplaceSensor, 'FR')));
        self::assertLessThan(0.05, $advice->repairs->helps(new Repair(RepairKind::RepairLoom, 'FR')));
    }

    public function test_what_is_in_the_way_is_undone_and_what_is_done_is_not_done_again(): void
    {
        $work = Investigated::on(Workbench::case())->do(new TurnKey(Ignition::On), new Unplug('FR.sensor-plug'));
        $ohms = CandidateTest::usual('x', [new Unplug('module-plug')], new Measure(MeterFunction::Ohms, 'FR.module-plug.wheel.1', 'FR.module-plug.wheel.2'), ['reading']);
        $actions = (new Preparation($work->job->car->state))->for($ohms);

        self::assertEquals([new TurnKey(Ignition::Off), new Join('FR.sensor-plug'), new Unplug('module-plug')], $actions);
        $work->do(...$actions);
        self::assertSame([], (new Preparation($work->job->car->state))->for($ohms));
        $driven = CandidateTest::usual('y', [new TurnKey(Ignition::Running)], $ohms->looks[0], ['reading']);
        $work->do(['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand']);
        self::assertSame(
            ['join', 'secure', 'secure', 'ignition'],
            array_map(static fn ($one): string => $one->name(), (new Preparation($work->job->car->state))->for($driven)),
            'joined, let down, chocks out, engine on',
        );
    }

    /** Of the faults, in a usual run. */
    private const SAMPLE = 3;

    /** @return iterable<string, array{string, string, string, string, ?float}> off the grid of the suspects' strengths */
    public static function faults(): iterable
    {
        return Sweep::of([
            'corroded contact' => ['harl-13', 'plug-corroded', 'FR', '1', 9000.0],
            'strands broken' => ['harl-13', 'loom-resistive', 'RL', '2', 3500.0],
            'gap' => ['harl-13', 'gap-large', 'FL', '', 0.0012],
            'dead sensor' => ['lendo-15', 'sensor-dead', 'FL', '', null],
            'module output' => ['lendo-15', 'module-supply-dead', 'FR', '', null],
            'ground' => ['brack-22', 'ground-rusty', 'car', '', 60.0],
            'extension' => ['ostrel-t2', 'extension-open', 'RL', '1', null],
            'lamp codes' => ['mirl-10', 'coil-grounded', 'RR', '', 30.0],
        ], self::SAMPLE);
    }

    #[DataProvider('faults')]
    public function test_following_the_advice_reaches_the_right_repair(string $car, string $kind, string $channel, string $conductor, ?float $strength): void
    {
        $path = $this->worked(Workbench::case([[$kind, $channel, $conductor, ...($strength === null ? [] : [$strength])]], Workbench::vehicle($car)));

        self::assertTrue($path->isRight(), $path->advice->remedy);
        self::assertLessThanOrEqual(8, count($path->tests));
        self::assertGreaterThan($path->job->minutes(), $path->minutes());
        self::assertGreaterThan(0.7, $path->chance());
    }

    public function test_remedies_are_found_by_trying(): void
    {
        $remedies = new Remedies(Workbench::simulator());
        $name = static function (string $kind, string $channel, string $conductor = '') use ($remedies): string {
            $vehicle = Workbench::vehicle();

            return $remedies->name(Car::hypothesis(Workbench::catalogue()->fault($vehicle, $kind, $channel, $conductor)->applyTo($vehicle), $vehicle));
        };

        self::assertSame('none', $name('old-code', 'FR'));
        self::assertSame('clean-tip@FR', $name('tip-dusty', 'FR'), 'cheaper than a new sensor');
        self::assertSame('replace-hub@RL', $name('bearing-play', 'RL'));
        self::assertSame('replace-fuse@car', $name('fuse-blown', 'car'));
        self::assertSame('repair-loom@FL', $name('loom-open', 'FL', '2'));
    }

    private function worked(FaultCase $case): Path
    {
        return Workbench::evidence()->of($case, new CaseKnowledge(lampTold: true))->path('b', 120.0);
    }

    private function adviser(): Adviser
    {
        return new Adviser(Workbench::simulator(), new Remedies(Workbench::simulator()), 120.0);
    }
}
