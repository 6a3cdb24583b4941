<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Prints how long what no page of ours sends, and the dearest that one may, keeps a server: nothing is to take it two seconds. */
final class BenchHostile extends Command
{
    protected $signature = 'bench:hostile {address : of a server with the demo data}';

    protected $description = 'Measure how long malformed, huge and extreme requests take';

    private const TIMES = 3;

    private const MOST_MILLISECONDS = 2000.0;

    /** Of the slowest, so many are printed. */
    private const PRINTED = 8;

    private const CASE = ['name' => 'Many faults', 'jobTitle' => 'A car', 'complaint' => 'A lamp.', 'car' => 'harl-13'];

    /** @var array<string, float> the longest in milliseconds, by what was sent */
    private array $times = [];

    /** @var list<string> what was answered with a fault of the server */
    private array $broken = [];

    public function handle(): int
    {
        $learner = new BenchVisitor($this->argument('address'));
        $learner->ask('POST', '/api/session', ['name' => 'dilan', 'password' => 'lindenhof']);
        $instructor = new BenchVisitor($this->argument('address'));
        $instructor->ask('POST', '/api/session', ['name' => 'kessel', 'password' => 'lindenhof']);
        $attempt = $this->begun($learner);
        foreach (self::bodies() as $what => $body) {
            foreach (['/api/session', '/api/lab', '/api/calculations', '/api/waveforms', "/api/attempts/$attempt/actions", "/api/attempts/$attempt/counsel"] as $path) {
                $this->time($learner, 'POST', $path, $what, $body);
            }
            foreach (['/api/cases', '/api/case-preview', '/api/case-solvability'] as $path) {
                $this->time($instructor, 'POST', $path, $what, $body);
            }
        }
        foreach (self::dear() as $what => [$method, $path, $body]) {
            $this->time(str_starts_with($path, '/api/case') ? $instructor : $learner, $method, $path, $what, $body === [] ? '' : json_encode($body, JSON_THROW_ON_ERROR));
        }
        foreach (self::actions() as $what => $action) {
            $this->act($learner, $attempt, $what, $action);
        }

        return $this->told();
    }

    private function begun(BenchVisitor $learner): int
    {
        $first = $learner->ask('GET', '/api/jobs')[0] ?? [];
        $id = is_array($first) && is_int($first['id'] ?? null) ? $first['id'] : 0;
        $begun = $learner->ask('POST', "/api/jobs/$id/attempt")['attempt'] ?? 0;

        return is_int($begun) ? $begun : 0;
    }

    private function time(BenchVisitor $visitor, string $method, string $path, string $what, string $body): void
    {
        for ($time = 0; $time < self::TIMES; $time++) {
            [$status] = $visitor->send($method, $path, $body);
            $this->keep("$method $path: $what", $visitor->milliseconds(), $status);
        }
    }

    /** @param  array<string, mixed>  $action */
    private function act(BenchVisitor $visitor, int $attempt, string $what, array $action): void
    {
        $steps = $visitor->ask('GET', "/api/attempts/$attempt")['steps'] ?? [];
        $number = (is_array($steps) ? count($steps) : 0) + 1;
        $key = Str::uuid()->toString();
        $begun = hrtime(true);
        [$status, $answer] = $visitor->send('POST', "/api/attempts/$attempt/actions", json_encode(['key' => $key, 'number' => $number, 'action' => $action], JSON_THROW_ON_ERROR));
        while (isset($answer['heldMilliseconds'])) { // until what is worked out beside has been
            usleep(50_000);
            [$status, $answer] = $visitor->send('GET', "/api/attempts/$attempt/actions/$key", '');
        }
        $this->keep("$what ($status)", (hrtime(true) - $begun) / 1e6, $status);
    }

    private function keep(string $what, float $milliseconds, int $status): void
    {
        $this->times[$what] = max($this->times[$what] ?? 0.0, $milliseconds);
        if ($status >= 500) {
            $this->broken[] = "$what answered $status";
        }
    }

    private function told(): int
    {
        arsort($this->times);
        foreach (array_slice($this->times, 0, self::PRINTED) as $what => $milliseconds) {
            $this->line(sprintf('%9.1f ms  %s', $milliseconds, $what));
        }
        $sorted = array_values($this->times);
        $long = array_filter($sorted, static fn (float $one): bool => $one >= self::MOST_MILLISECONDS);
        $this->line(sprintf('%d hostile and dear requests: %.1f ms in the median, the longest of %d tries counting; %d over %.0f s', count($sorted), $sorted[intdiv(count($sorted), 2)] ?? 0.0, self::TIMES, count($long), self::MOST_MILLISECONDS / 1000.0));
        array_map($this->error(...), $this->broken);

        return $long === [] && $this->broken === [] ? self::SUCCESS : self::FAILURE;
    }

    /** @return array<string, string> sent to whatever takes something */
    private static function bodies(): array
    {
        $long = str_repeat('a', 60_000);

        return [
            'cut off' => '{"name": "a',
            'deep' => str_repeat('[', 20_000).str_repeat(']', 20_000),
            'huge' => '{"name": "'.str_repeat('a', 4_000_000).'"}',
            'beyond all numbers' => '{"number": 1e999, "teeth": 1e308}',
            'tiny' => '{"technology": "passive", "teeth": 46, "turnsPerSecond": 1e-310}',
            'many names' => '{'.implode(',', array_map(static fn (int $one): string => "\"n$one\": $one", range(1, 4000))).'}',
            'long text' => json_encode(['name' => $long, 'password' => $long, 'csv' => $long, 'about' => $long, 'what' => $long, 'key' => $long], JSON_THROW_ON_ERROR),
            'lists for names' => '{"name": ["a", {"b": "c"}], "password": {"x": 1}, "key": [], "number": {}, "action": "x", "about": [1], "csv": [1], "what": [1], "technology": {}, "faults": "x", "release": 5}',
        ];
    }

    /** @return array<string, array{string, string, array<string, mixed>}> well formed, as much as may be asked at once */
    private static function dear(): array
    {
        $lab = ['technology' => 'passive', 'teeth' => 200, 'turnsPerSecond' => 1e-9, 'gapMillimetres' => 0.1, 'celsius' => 20, 'inputOhms' => 43000, 'defect' => 'tooth-missing', 'wholeTurn' => true];
        $faults = array_map(static fn (string $channel): array => ['kind' => 'loom-chafed', 'channel' => $channel, 'conductor' => '1', 'strength' => 0.5, 'provokedBy' => 'wiggle-loom'], ['FL', 'FR', 'RL', 'RR']);

        return [
            'a turn that takes thirty years' => ['POST', '/api/lab', $lab],
            'fast and fine' => ['POST', '/api/lab', ['turnsPerSecond' => 20, 'technology' => 'pulse-width'] + $lab],
            'a line of four megabytes' => ['POST', '/api/waveforms', ['csv' => str_repeat('0', 4_190_000)]],
            'two million cells' => ['POST', '/api/waveforms', ['csv' => str_repeat("0,1\n", 1_000_000)]],
            'four faults' => ['POST', '/api/case-preview', [...self::CASE, 'faults' => $faults]],
            'two hundred faults' => ['POST', '/api/case-preview', [...self::CASE, 'faults' => array_merge(...array_fill(0, 50, $faults))]],
            'whether four faults can be found' => ['POST', '/api/case-solvability', [...self::CASE, 'faults' => $faults]],
            'portraits of all faults' => ['GET', '/api/fault-portraits', []],
            'silent faults of a car' => ['GET', '/api/cars/harl-13/silent-faults', []],
            'the list of cars' => ['GET', '/api/cars', []],
            'the list of jobs' => ['GET', '/api/jobs', []],
            'the cases' => ['GET', '/api/cases', []],
        ];
    }

    /** @return array<string, array<string, mixed>> one after the other on one car; what is out of range is refused */
    private static function actions(): array
    {
        $pads = ['first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];
        $input = [...$pads, 'voltsPerDivision' => 1e-9, 'coupling' => 'dc'];

        return [
            'engine started' => ['do' => 'ignition', 'to' => 'running'],
            'a drive' => ['do' => 'road-test', 'route' => 'left-bends'],
            'the longest drive' => ['do' => 'record-drive', 'route' => 'usual', 'onCode' => true],
            'the pedal a million times' => ['do' => 'press-pedal', 'times' => 1_000_000, 'seconds' => 1e14],
            'a speed beyond all roads' => ['do' => 'live-speeds', 'kilometresPerHour' => 1e14],
            'wheels at a million turns' => ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 1e6],
            'a sweep of a year' => ['do' => 'capture', 'inputs' => [$input, $input], 'secondsPerDivision' => 3e6, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']],
            'a sweep of a nanosecond' => ['do' => 'capture', 'inputs' => [$input, $input], 'secondsPerDivision' => 1e-9, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']],
            'a hundred inputs' => ['do' => 'capture', 'inputs' => array_fill(0, 100, $input), 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 99, 'volts' => 0.0, 'edge' => 'rising']],
            'a thousand leads' => ['do' => 'connect-leads', 'leads' => array_fill(0, 600, $pads)],
            'a signal of a gigahertz' => ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 1e9, 'amplitude' => 1e9],
            'a supply of a megavolt' => ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 1e6, 'milliamperes' => 1e9, 'reversed' => false],
            'a page of text' => ['do' => 'write-reading', 'of' => 1, 'feature' => 'reading', 'value' => 1, 'unit' => 'V', 'word' => str_repeat('a', 60_000), 'judgement' => 'out', 'comparedWith' => ''],
        ];
    }
}
