<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Lernfall\Bay\Rooms;
use Lernfall\Bay\Worksheet\Vocabulary;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/**
 * Two cases that differ only in their fault answer an apprentice alike, to the byte, until an action physically
 * differs; and then only what it showed differs. Every route and every action is asked.
 */
final class LeakTest extends FeatureTestCase
{
    /** Of the faults, in a usual run. */
    private const SAMPLE = 4;

    /** @var array<string, string>|null */
    private static ?array $ofAnOpenCoil = null;

    /** @return array<string, array{array<string, mixed>}> */
    public static function faults(): array
    {
        return Sweep::of([
            'loom wire open' => [['kind' => 'loom-open', 'channel' => 'FR', 'conductor' => '2']],
            'loom wire to ground' => [['kind' => 'loom-grounded', 'channel' => 'FR', 'conductor' => '1', 'strength' => 0.5]],
            'plug corroded' => [['kind' => 'plug-corroded', 'channel' => 'RL', 'conductor' => '1', 'strength' => 26000]],
            'gap too large' => [['kind' => 'gap-large', 'channel' => 'FL', 'strength' => 0.0016]],
            'tooth missing' => [['kind' => 'tooth-missing', 'channel' => 'RR', 'strength' => 1]],
            'level switch open' => [['kind' => 'level-switch-open', 'channel' => 'car']],
            'valves stuck' => [['kind' => 'valve-stuck', 'channel' => 'FR']],
            'sensor plug wiggled' => [['kind' => 'plug-pin-back', 'channel' => 'RR', 'conductor' => '1', 'provokedBy' => 'wiggle-sensor-plug']],
        ], self::SAMPLE);
    }

    /** @param  array<string, mixed>  $fault */
    #[DataProvider('faults')]
    public function test_answers_differ_in_nothing_but_what_an_action_showed(array $fault): void
    {
        $one = $this->answersOfAnOpenCoil();
        $other = $this->answers($fault);

        self::assertSame(array_keys($one), array_keys($other));
        foreach ($one as $question => $answer) {
            self::assertSame($this->withoutWhatWasShown($answer), $this->withoutWhatWasShown($other[$question]), $question);
        }
        $differing = array_keys(array_filter($one, static fn (string $answer, string $question): bool => $answer !== $other[$question], ARRAY_FILTER_USE_BOTH));
        self::assertNotSame([], $differing);
        self::assertMatchesRegularExpression('~^\d+ (look-at-lamps|read-codes|read-switches|test-actuator|watch-lamp|record-drive|measure|capture|clamp-current|gauge-gap|look|live-speeds|rock-wheel|feed-sensor|turn-wheel|try-pedal|brake-on-rollers)~', $differing[0], 'the first difference is something that shows something');
    }

    /** A look is answered with a picture; the word for what is to be seen in it stays where it is kept until the job is closed. */
    public function test_no_answer_to_a_look_names_what_is_to_be_seen(): void
    {
        $looks = array_filter($this->answersOfAnOpenCoil(), static fn (string $question): bool => preg_match('~^\d+ look ~', $question) === 1, ARRAY_FILTER_USE_KEY);
        self::assertNotSame([], $looks);
        foreach ($looks as $question => $answer) {
            $observation = json_decode($answer, true)['step']['observation'];
            self::assertSame([], $observation['values'], $question);
            self::assertNotSame('', $observation['refusal'] !== '' ? 'refused' : $observation['picture']['drawing'], $question);
            foreach (array_merge(...array_values(Vocabulary::SIGHTS)) as $word) {
                self::assertNotContains($word, array_values($observation['picture']['shows'] ?? []), "$question: $word");
            }
        }
        self::assertStringNotContainsString('"sight":"', $this->answersOfAnOpenCoil()['GET attempt, worked']);
        self::assertStringNotContainsString('sheath-sound', $this->answersOfAnOpenCoil()['GET account/data']);
    }

    /** What suspects there are, how likely each is and what would be done next stays where it is worked out. */
    public function test_nothing_of_suspects_or_their_chances_is_answered(): void
    {
        foreach ($this->answersOfAnOpenCoil() as $question => $answer) {
            foreach (['possible', 'foremost', 'rivals', 'suspect', 'prior', 'chance', 'byCard', 'sensible', 'remedy', 'bits', 'knowledge', 'lampTold'] as $word) {
                self::assertStringNotContainsString("\"$word\":", $answer, $question);
            }
        }
    }

    public function test_what_does_not_touch_the_fault_is_the_same_to_the_byte(): void
    {
        $one = $this->answersOfAnOpenCoil();
        $other = $this->answers(['kind' => 'loom-open', 'channel' => 'FR', 'conductor' => '2']);
        $same = array_keys(array_filter($one, static fn (string $answer, string $question): bool => $answer === $other[$question], ARRAY_FILTER_USE_BOTH));

        // coil and wire differ only where the meter tells them apart: every look, lamp and code is the same
        foreach ($one as $question => $answer) {
            if (preg_match('~ (measure|capture|feed-sensor) ~', $question) !== 1 && ! str_starts_with($question, 'GET')) {
                self::assertContains($question, $same);
            }
        }
    }

    #[TestWith(['mirl-10'])]
    #[TestWith(['ostrel-t2'])]
    public function test_a_car_that_blinks_tells_its_codes_by_its_lamp_alone(string $car): void
    {
        $one = $this->answers(['kind' => 'coil-open', 'channel' => 'FR'], $car);
        $other = $this->answers(['kind' => 'tooth-missing', 'channel' => 'RL', 'strength' => 1], $car);

        foreach ($one as $question => $answer) {
            self::assertSame($this->withoutWhatWasShown($answer), $this->withoutWhatWasShown($other[$question]), $question);
        }
        $differing = array_keys(array_filter($one, static fn (string $answer, string $question): bool => $answer !== $other[$question], ARRAY_FILTER_USE_BOTH));
        self::assertMatchesRegularExpression('~^\d+ (look-at-lamps|watch-lamp|cycle-power)~', $differing[0]);
    }

    /**
     * What the others are compared with; asked once, as every test begins on the same database.
     *
     * @return array<string, string> body by question
     */
    private function answersOfAnOpenCoil(): array
    {
        return self::$ofAnOpenCoil ??= $this->answers(['kind' => 'coil-open', 'channel' => 'FR']);
    }

    /**
     * @param  array<string, mixed>  $fault
     * @return array<string, string> body by question
     */
    private function answers(array $fault, ?string $car = null): array
    {
        $this->emptied();
        Carbon::setTestNow('2026-03-02 08:00:00');
        Str::createRandomStringsUsing(static fn (): string => 'fixed');
        $assignment = $this->published($fault, $car);
        $this->actingAs($this->apprentice);
        $answers = ['GET jobs' => $this->getJson('/api/jobs')->getContent()];
        $answers['POST attempt'] = $this->postJson("/api/jobs/$assignment->id/attempt")->getContent();
        Str::createRandomStringsNormally();
        $attempt = (int) json_decode((string) $answers['POST attempt'])->attempt;
        $answers['GET attempt, new'] = $this->getJson("/api/attempts/$attempt")->getContent();
        foreach ($car === null ? $this->everyAction() : $this->lampActions($car) as $position => $action) {
            $number = $position + 1;
            $answer = $this->postJson("/api/attempts/$attempt/actions", [
                'key' => sprintf('00000000-0000-4000-8000-%012d', $number), 'number' => $number, 'action' => $action,
            ])->assertOk();
            $answers["$number {$action['do']} ".implode(' ', array_filter(array_slice($action, 1), is_string(...)))] = $answer->getContent();
        }
        $answers['GET attempt, worked'] = $this->getJson("/api/attempts/$attempt")->getContent();
        $answers['GET answer, come back for'] = $this->getJson("/api/attempts/$attempt/actions/00000000-0000-4000-8000-000000000001")->assertOk()->getContent();
        $answers['GET answer, not there'] = $this->getJson("/api/attempts/$attempt/actions/00000000-0000-4000-8000-999999999999")->assertStatus(202)->getContent();
        foreach (["attempts/$attempt/news", 'invitations', 'account/progress', 'handbook'] as $path) {
            $answers["GET $path"] = $this->getJson("/api/$path")->assertSuccessful()->getContent();
        }
        $answers['GET account/data'] = json_encode($this->getJson('/api/account/data')->assertOk()->json()); // without the breaks that make it readable
        $answers['PUT help'] = $this->putJson("/api/attempts/$attempt/help", ['wanted' => true])->assertOk()->getContent();
        foreach (['groups', 'groups/1/marks', 'groups/1/marks.csv', 'people/cards', 'groups/1/without-job', 'groups/1/progress', "assignments/$assignment->id/rules", 'grades', 'vehicles', 'cars/harl-13/values', "cases/{$assignment->version->case_draft_id}/shares"] as $path) {
            $answers["GET $path, refused"] = $this->getJson("/api/$path")->assertForbidden()->getContent();
        }
        $answers['GET people, refused'] = $this->getJson('/api/people')->assertForbidden()->getContent();
        $answers['GET log, refused'] = $this->getJson('/api/log')->assertForbidden()->getContent();
        $answers['GET report, refused'] = $this->getJson("/api/attempts/$attempt/report")->getContent();
        $answers['POST counsel, refused'] = $this->postJson("/api/attempts/$attempt/counsel", ['about' => 'possible'])->assertForbidden()->getContent();
        $answers['GET case, refused'] = $this->getJson("/api/cases/{$assignment->version->case_draft_id}")->getContent();
        $answers['GET jobs, worked'] = $this->getJson('/api/jobs')->getContent();
        Carbon::setTestNow();

        return array_map(strval(...), $answers);
    }

    /** Removes attempts and cases, and starts their ids anew. */
    private function emptied(): void
    {
        foreach (['log_entries', 'mark_sheets', 'attempt_actions', 'attempts', 'recipients', 'assignments', 'case_versions', 'case_drafts'] as $table) {
            Schema::hasTable($table) && DB::table($table)->delete();
            DB::table('sqlite_sequence')->where('name', $table)->delete();
        }
        DB::table('memberships')->update(['joined_at' => '2026-03-01 08:00:00']);
    }

    /** @return list<array<string, mixed>> */
    private function everyAction(): array
    {
        $actions = [
            ['do' => 'look-up-data-sheet'], ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5],
            ['do' => 'unplug', 'plug' => 'RR.sensor-plug'], ['do' => 'join', 'plug' => 'RR.sensor-plug'], ['do' => 'ignition', 'to' => 'running'],
            ['do' => 'run-axle', 'running' => true], ['do' => 'run-axle', 'running' => false],
            ['do' => 'write-code', 'code' => 'none', 'status' => ''],
            ['do' => 'write-sensor', 'channel' => 'FR', 'technology' => 'passive', 'wires' => ['coil', 'coil']],
            ['do' => 'mark-station', 'channel' => 'FR', 'station' => 'loom', 'mark' => 'suspect'],
            ['do' => 'clamp-current', 'at' => 'feed.supply', 'fullScale' => 2, 'zeroed' => true],
            ['do' => 'prove-meter'], ['do' => 'look', 'channel' => 'car', 'at' => 'fuse'], ['do' => 'look', 'channel' => 'car', 'at' => 'ground'], ['do' => 'look', 'channel' => 'FR', 'at' => 'cable', 'manner' => 'in-passing'], ['do' => 'look', 'channel' => 'FR', 'at' => 'cable', 'manner' => 'from-behind'],
            ['do' => 'road-test'], ['do' => 'look-at-lamps'], ['do' => 'read-codes'], ['do' => 'live-speeds', 'kilometresPerHour' => 30],
            ['do' => 'live-speeds', 'kilometresPerHour' => 0], ['do' => 'record-drive', 'route' => 'left-bends', 'onCode' => true], ['do' => 'record-drive', 'route' => 'straight', 'onCode' => false],
            ['do' => 'read-codes', 'system' => 'engine'], ['do' => 'read-codes', 'tool' => 'reader'], ['do' => 'test-actuator', 'part' => 'pump'], ['do' => 'let-unit-rest'], ['do' => 'try-pedal'], ['do' => 'try-pedal', 'pumped' => true], ['do' => 'brake-on-rollers', 'axle' => 'front'], ['do' => 'brake-on-rollers', 'axle' => 'rear'], ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 20, 'hard' => true], ['do' => 'record-stop', 'footing' => 'wet', 'kilometresPerHour' => 20, 'hard' => true], ['do' => 'pull-away', 'footing' => 'snow'], ['do' => 'drive-freely', 'footing' => 'wet', 'parts' => [['foot' => 'throttle', 'steering' => 'left', 'seconds' => 2], ['foot' => 'brake-hard', 'steering' => 'straight', 'seconds' => 3]]], ['do' => 'read-switches'], ['do' => 'look', 'channel' => 'car', 'at' => 'fluid'], ['do' => 'end-session'], ['do' => 'watch-lamp'], ['do' => 'press-pedal', 'times' => 3, 'seconds' => 2],
            ['do' => 'parking-brake'], ['do' => 'ignition', 'to' => 'off'],
            ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
        ];
        foreach (['FL', 'FR', 'RL', 'RR'] as $channel) {
            $actions[] = ['do' => 'turn-wheel', 'channel' => $channel, 'turnsPerSecond' => 0.5];
            $actions[] = ['do' => 'measure', 'function' => 'volts-ac', 'first' => "$channel.module-plug.wheel.1", 'second' => "$channel.module-plug.wheel.2"];
            $actions[] = ['do' => 'capture', 'inputs' => [['first' => "$channel.module-plug.wheel.1", 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'dc']], 'secondsPerDivision' => 0.02, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']];
            $actions[] = ['do' => 'unplug', 'plug' => "$channel.sensor-plug"];
            $actions[] = ['do' => 'inject', 'channel' => $channel, 'shape' => 'sine', 'hertz' => 100, 'amplitude' => 1];
            $actions[] = ['do' => 'inject', 'channel' => $channel, 'shape' => 'sine', 'hertz' => 0, 'amplitude' => 0];
            $actions[] = ['do' => 'feed-sensor', 'channel' => $channel, 'volts' => 5, 'milliamperes' => 20, 'reversed' => false];
            $actions[] = ['do' => 'feed-sensor', 'channel' => $channel, 'volts' => 0, 'milliamperes' => 20, 'reversed' => false];
            $actions[] = ['do' => 'connect-leads', 'leads' => [['first' => "$channel.sensor-plug.wheel.1", 'second' => "$channel.sensor-plug.module.1"]]];
            $actions[] = ['do' => 'measure', 'function' => 'milliamperes', 'first' => "$channel.sensor-plug.wheel.2", 'second' => "$channel.sensor-plug.module.2", 'records' => true];
            $actions[] = ['do' => 'rock-wheel', 'channel' => $channel];
            foreach (['ring', 'gap', 'tip', 'cable', 'sensor-plug', 'module-plug', 'tyre'] as $place) {
                $actions[] = ['do' => 'look', 'channel' => $channel, 'at' => $place];
            }
            $actions[] = ['do' => 'measure', 'function' => 'ohms', 'first' => "$channel.sensor-plug.wheel.1", 'second' => "$channel.sensor-plug.wheel.2"];
            $actions[] = ['do' => 'measure', 'function' => 'ohms', 'first' => "$channel.module-plug.wheel.1", 'second' => 'body'];
            $actions[] = ['do' => 'fit-breakout', 'fitted' => true];
            $actions[] = ['do' => 'measure', 'function' => 'volts-dc', 'first' => "$channel.module-plug.module.1", 'second' => 'feed.ground'];
            $actions[] = ['do' => 'fit-breakout', 'fitted' => false];
            $actions[] = ['do' => 'gauge-gap', 'channel' => $channel];
            $actions[] = ['do' => 'provoke', 'how' => 'wiggle-loom', 'channel' => $channel];
            $actions[] = ['do' => 'provoke', 'how' => 'nothing', 'channel' => $channel];
            $actions[] = ['do' => 'join', 'plug' => "$channel.sensor-plug"];
            $actions[] = ['do' => 'clamp-current', 'at' => "$channel.sensor-plug.wheel.1", 'fullScale' => 2, 'zeroed' => false];
            $actions[] = ['do' => 'clamp-current', 'at' => "$channel.sensor-plug.module.1", 'fullScale' => 40, 'zeroed' => false];
            $actions[] = ['do' => 'turn-wheel', 'channel' => $channel, 'turnsPerSecond' => 0];
        }
        $actions[] = ['do' => 'write-reading', 'of' => 1 + (int) array_search('measure', array_column($actions, 'do'), true), 'feature' => 'reading', 'value' => 55, 'unit' => 'mV', 'word' => '', 'judgement' => 'in', 'comparedWith' => 'FR'];
        $actions[] = ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [count($actions)], 'expects' => 'code-stays-away'];
        $actions[] = ['do' => 'strike-out', 'entry' => count($actions) - 1];
        foreach (['replace-brake-hose', 'replace-caliper', 'replace-linings', 'clean-plug', 'tape-loom', 'repair-loom', 'fit-tyre', 'set-gap', 'replace-sensor', 'replace-hub', 'replace-module'] as $kind) {
            $actions[] = ['do' => 'repair', 'kind' => $kind, 'channel' => 'FR'];
        }

        $actions[] = ['do' => 'ignition', 'to' => 'on'];
        $actions[] = ['do' => 'test-actuator', 'part' => 'valves.FR'];
        $actions[] = ['do' => 'test-actuator', 'part' => 'valves.FL', 'modulation' => 'hold', 'beforePedal' => true, 'with' => ['valves.RR']];
        $actions[] = ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'unit.valves.fuse.out', 'second' => 'unit.valves.relay.out', 'while' => ['reduce.FL', 'hold.RR']];
        $actions[] = ['do' => 'clamp-current', 'at' => 'unit.pump.supply', 'fullScale' => 40, 'zeroed' => true, 'alsoAt' => ['unit.ground'], 'while' => ['pump']];
        $actions[] = ['do' => 'ignition', 'to' => 'off'];
        foreach (['replace-fuse', 'replace-relay', 'clean-ground', 'charge-battery', 'replace-hydraulic-unit', 'replace-pump-relay', 'replace-valve-relay', 'replace-unit-fuse', 'mend-unit-wire', 'clean-unit-ground', 'code-unit', 'bleed-brakes', 'replace-master-cylinder', 'replace-servo', 'fill-fluid', 'replace-stop-lamp-switch', 'replace-parking-brake-switch', 'replace-level-switch', 'mend-lamp'] as $kind) {
            $actions[] = ['do' => 'repair', 'kind' => $kind, 'channel' => 'car'];
        }

        return [...$actions, ['do' => 'swap-sensors', 'channel' => 'FL'], ['do' => 'fit-trial-part', 'part' => 'sensor', 'channel' => 'FL', 'fitted' => true], ['do' => 'fit-trial-part', 'part' => 'supply-relay', 'channel' => 'car', 'fitted' => true], ['do' => 'ignition', 'to' => 'on'], ['do' => 'clear-codes']];
    }

    /** @return list<array<string, mixed>> */
    private function lampActions(string $car): array
    {
        return $car === 'ostrel-t2' ? [
            ['do' => 'cycle-power', 'onSeconds' => 1.5, 'offSeconds' => 1.5], ['do' => 'watch-lamp'], ['do' => 'look-at-lamps'], ['do' => 'write-code', 'code' => '4', 'status' => ''],
            ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], ['do' => 'cycle-power', 'onSeconds' => 9, 'offSeconds' => 1.5],
        ] : [
            ['do' => 'ignition', 'to' => 'running'], ['do' => 'watch-lamp'], ['do' => 'check-connector', 'open' => true], ['do' => 'look-at-lamps'], ['do' => 'watch-lamp'],
            ['do' => 'write-code', 'code' => '22', 'status' => ''], ['do' => 'read-codes'], ['do' => 'clear-codes'], ['do' => 'live-speeds', 'kilometresPerHour' => 20],
            ['do' => 'press-pedal', 'times' => 4, 'seconds' => 2], ['do' => 'watch-lamp'], ['do' => 'road-test', 'route' => 'check-run'], ['do' => 'watch-lamp'],
            ['do' => 'parking-brake'], ['do' => 'press-pedal', 'times' => 12, 'seconds' => 3], ['do' => 'watch-lamp'], ['do' => 'check-connector', 'open' => false],
        ];
    }

    private function withoutWhatWasShown(string $answer): string
    {
        return (string) preg_replace(['~"values":\{(?:[^{}]|\{[^{}]*\})*\}~', '~"picture":\{"drawing":"[^"]*","shows":\{[^{}]*\}\}~'], ['"values":{}', '"picture":{}'], $answer);
    }

    public function test_every_kind_of_action_but_the_closing_one_was_asked(): void
    {
        $asked = array_unique(array_column([...$this->everyAction(), ...$this->lampActions('mirl-10'), ...$this->lampActions('ostrel-t2')], 'do'));

        self::assertEqualsCanonicalizing(array_diff(Rooms::procedures()->names(), ['conclude']), $asked);
        self::assertNotSame([], Workbench::vehicle()->channelIds());
    }
}
