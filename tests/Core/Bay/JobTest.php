<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Format\ActionReader;
use Lernfall\Format\ObservationFormat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class JobTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, string}> */
    public static function unfit(): array
    {
        $reading = ['do' => 'write-reading', 'of' => 1, 'feature' => 'reading', 'value' => null, 'unit' => '', 'word' => 'open', 'judgement' => 'out', 'comparedWith' => ''];
        $cause = ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [], 'expects' => 'code-stays-away'];

        $input = ['first' => 'FR.sensor-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'dc'];
        $sweep = ['do' => 'capture', 'inputs' => [$input], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']];
        $inject = ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 100.0, 'amplitude' => 1.0];

        return [
            'a pad that does not exist' => [['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.nowhere.1', 'second' => 'body'], 'first'],
            'both leads on one pad' => [['do' => 'measure', 'function' => 'ohms', 'first' => 'body', 'second' => 'body'], 'second'],
            'a plug that does not exist' => [['do' => 'unplug', 'plug' => 'XX'], 'plug'],
            'a fifth corner' => [['do' => 'look', 'channel' => 'XX', 'at' => 'ring'], 'channel'],
            'a wheel turned by hand like an engine' => [['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 40.0], 'turnsPerSecond'],
            'a drive faster than the test road allows' => [['do' => 'live-speeds', 'kilometresPerHour' => 200.0], 'kilometresPerHour'],
            'a station that does not exist' => [['do' => 'mark-station', 'channel' => 'FR', 'station' => 'moon', 'mark' => 'open'], 'station'],
            'a defect of another station' => [[...$cause, 'defect' => 'tooth-missing'], 'defect'],
            'support by a step that wrote nothing' => [[...$cause, 'supports' => [1]], 'supports'],
            'an expectation nobody knows' => [[...$cause, 'expects' => 'luck'], 'expects'],
            'something that is no code' => [['do' => 'write-code', 'code' => 'X9', 'status' => 'present'], 'code'],
            'a reading of a step that showed none' => [[...$reading, 'of' => 9], 'of'],
            'an entry without a value' => [[...$reading, 'of' => 2, 'word' => ''], 'value'],
            'a sweep with no input' => [[...$sweep, 'inputs' => []], 'inputs'],
            'a sweep of three' => [[...$sweep, 'inputs' => [$input, $input, $input]], 'inputs'],
            'a sweep at a pad that does not exist' => [[...$sweep, 'inputs' => [[...$input, 'second' => 'moon']]], 'second'],
            'an input finer than the scope has' => [[...$sweep, 'inputs' => [[...$input, 'voltsPerDivision' => 1e-6]]], 'voltsPerDivision'],
            'a time base slower than the scope has' => [[...$sweep, 'secondsPerDivision' => 60.0], 'secondsPerDivision'],
            'a trigger on an input that is not there' => [[...$sweep, 'trigger' => [...$sweep['trigger'], 'input' => 1]], 'trigger'],
            'a generator faster than it goes' => [[...$inject, 'hertz' => 1e6], 'hertz'],
            'a generator with the current of a heater' => [[...$inject, 'shape' => 'current', 'amplitude' => 2.0], 'amplitude'],
            'a generator with the voltage of the mains' => [[...$inject, 'amplitude' => 230.0], 'amplitude'],
            'a generator at no corner' => [[...$inject, 'channel' => 'XX'], 'channel'],
            'a repair at no corner' => [['do' => 'repair', 'kind' => 'set-gap', 'channel' => 'XX'], 'channel'],
            'a gap at no corner' => [['do' => 'gauge-gap', 'channel' => 'XX'], 'channel'],
            'a swap at no corner' => [['do' => 'swap-sensors', 'channel' => 'XX'], 'channel'],
            'a wiggle at no corner' => [['do' => 'provoke', 'how' => 'heat', 'channel' => 'XX'], 'channel'],
            'a code with a digit missing' => [['do' => 'write-code', 'code' => 'C004-13', 'status' => 'present'], 'code'],
            'ohms written down in volts' => [[...$reading, 'of' => 2, 'value' => 1.3, 'unit' => 'V', 'word' => ''], 'unit'],
        ];
    }

    /** @param  array<string, mixed>  $action */
    #[DataProvider('unfit')]
    public function test_an_action_that_makes_no_sense_names_the_field(array $action, string $field): void
    {
        $played = Played::on(Workbench::case())->do(
            ['do' => 'unplug', 'plug' => 'FR.sensor-plug'],
            ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'],
        );

        try {
            $played->do($action);
            self::fail('it was taken');
        } catch (UnfitAction $unfit) {
            self::assertSame($field, $unfit->field);
        }
        self::assertCount(2, $played->job->steps);
    }

    public function test_a_closed_job_takes_no_further_action(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'conclude']);

        $this->expectExceptionObject(UnfitAction::concluded());
        $played->do(['do' => 'read-codes']);
    }

    public function test_a_refused_action_costs_nothing_and_is_remembered(): void
    {
        $played = Played::on(Workbench::case())->do(['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5]);

        self::assertSame('unsecured', $played->shown()->refusal?->value);
        self::assertSame(0.0, $played->job->minutes());
        self::assertCount(1, $played->job->steps);
    }

    public function test_the_same_actions_and_seed_give_the_same_job(): void
    {
        $script = Workbench::json('examples/loom-open.script.json')['actions'];
        $one = Played::on(Workbench::case([['loom-open', 'FR', '2']]), 'seed')->do(...$script);
        $other = Played::on(Workbench::case([['loom-open', 'FR', '2']]), 'seed')->do(...$script);

        self::assertEquals($one->job, $other->job);
    }

    public function test_a_job_taken_up_again_keeps_what_was_shown(): void
    {
        $read = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'body'];
        $played = Played::on(Workbench::case())->do($read);
        $stored = ObservationFormat::read(json_decode((string) json_encode(ObservationFormat::write($played->shown())), true));

        $again = Played::on(Workbench::case())->job->recall(ActionReader::read($read), $stored, Workbench::simulator());
        self::assertEquals($played->job, $again);
    }

    public function test_a_whole_job_taken_up_again_is_the_same_job(): void
    {
        $script = Workbench::json('examples/loom-open.script.json')['actions'];
        $played = Played::on(Workbench::case([['loom-open', 'FR', '2']]))->do(
            ...$script,
        );
        $again = Played::on(Workbench::case([['loom-open', 'FR', '2']]))->job;
        foreach ($played->job->steps as $step) {
            $again = $again->recall($step->action, $step->observation, Workbench::simulator());
        }

        self::assertEquals($played->job, $again);
    }
}
