<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Prints how long one action of each kind takes through HTTP, on a job that grows to some dozens of steps. */
final class BenchHttp extends Command
{
    protected $signature = 'bench:http {address : of a server with the demo data}';

    protected $description = 'Measure how long one action of each kind takes through HTTP';

    private const ROUNDS = 4;

    public function handle(): int
    {
        $visitor = new BenchVisitor($this->argument('address'));
        $visitor->ask('POST', '/api/session', ['name' => 'dilan', 'password' => 'lindenhof']);
        $jobs = $visitor->ask('GET', '/api/jobs');
        $times = [];
        for ($round = 0; $round < self::ROUNDS && is_array($jobs[$round] ?? null); $round++) {
            $job = $jobs[$round]['id'] ?? 0;
            $started = $visitor->ask('POST', '/api/jobs/'.(is_int($job) ? $job : 0).'/attempt');
            $this->work($visitor, is_int($started['attempt'] ?? null) ? $started['attempt'] : 0, $times);
        }
        ksort($times);
        foreach ($times as $kind => $taken) {
            $this->line(sprintf('%9.3f ms  %s, through HTTP', self::median($taken), $kind));
        }
        $this->line(sprintf('%9.3f ms  any action, through HTTP', self::median(array_merge(...array_values($times)))));

        return self::SUCCESS;
    }

    /** @param  array<string, list<float>>  $times  by kind of action */
    private function work(BenchVisitor $visitor, int $attempt, array &$times): void
    {
        foreach (self::actions() as $position => $action) {
            $visitor->ask('POST', "/api/attempts/$attempt/actions", ['key' => Str::uuid()->toString(), 'number' => $position + 1, 'action' => $action]);
            $times[$action['do']][] = $visitor->milliseconds();
        }
    }

    /** @return list<array{do: string, ...}> a way through the bay that does everything once */
    private static function actions(): array
    {
        $pads = ['first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];

        return [
            ['do' => 'look-up-data-sheet'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'look-at-lamps'], ['do' => 'read-codes'],
            ['do' => 'write-code', 'code' => 'none', 'status' => ''], ['do' => 'clear-codes'], ['do' => 'prove-meter'], ['do' => 'ignition', 'to' => 'running'],
            ['do' => 'road-test'], ['do' => 'live-speeds', 'kilometresPerHour' => 30],
            ['do' => 'record-drive', 'route' => 'usual', 'onCode' => false], ['do' => 'read-switches'], ['do' => 'test-actuator', 'part' => 'pump'], ['do' => 'end-session'],
            ['do' => 'watch-lamp'], ['do' => 'press-pedal', 'times' => 3, 'seconds' => 2], ['do' => 'parking-brake'], ['do' => 'ignition', 'to' => 'off'],
            ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
            ['do' => 'look', 'channel' => 'FR', 'at' => 'ring'], ['do' => 'rock-wheel', 'channel' => 'FR'], ['do' => 'gauge-gap', 'channel' => 'FR'],
            ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5], ['do' => 'measure', 'function' => 'volts-ac', ...$pads],
            ['do' => 'write-reading', 'of' => 26, 'feature' => 'reading', 'value' => 1, 'unit' => 'V', 'word' => '', 'judgement' => 'unsure', 'comparedWith' => ''],
            ['do' => 'capture', 'inputs' => [[...$pads, 'voltsPerDivision' => 0.1, 'coupling' => 'dc']], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']],
            ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0], ['do' => 'provoke', 'how' => 'wiggle-loom', 'channel' => 'FR'],
            ['do' => 'provoke', 'how' => 'nothing', 'channel' => 'FR'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'],
            ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 100, 'amplitude' => 1], ['do' => 'live-speeds', 'kilometresPerHour' => 0],
            ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 0, 'amplitude' => 0],
            ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 12, 'milliamperes' => 50, 'reversed' => false],
            ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 0, 'milliamperes' => 50, 'reversed' => false],
            ['do' => 'connect-leads', 'leads' => [['first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.module.1']]], ['do' => 'fit-breakout', 'fitted' => true],
            ['do' => 'join', 'plug' => 'FR.sensor-plug'], ['do' => 'mark-station', 'channel' => 'FR', 'station' => 'loom', 'mark' => 'suspect'],
            ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'loom', 'defect' => 'open', 'supports' => [27], 'expects' => 'code-stays-away'],
            ['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR'], ['do' => 'swap-sensors', 'channel' => 'FR'], ['do' => 'conclude'],
        ];
    }

    /** @param  list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers), 2)] ?? 0.0;
    }
}
