<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Belief;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Prints how long one action of each kind takes through HTTP, on a job that grows to some dozens of steps. */
final class BenchHttp extends Command
{
    protected $signature = 'bench:http {address : of a server with the demo data}';

    protected $description = 'Measure how long one action of each kind takes through HTTP';

    private const ROUNDS = 4;

    private const LONG_ROUNDS = 5;

    /** Steps before an action of a long job is timed, and how many then are. */
    private const LONG = 60;

    private const TIMED = 30;

    /** Kinds that can be done over and over, with the car on the floor and the key off. */
    private const ON_A_LONG_JOB = ['look-at-lamps', 'measure', 'prove-meter', 'parking-brake', 'look-up-data-sheet', 'mark-station'];

    /** The same sweep, if the job takes so many. */
    private const SWEEPS = 250;

    private const PATIENCE_NANOSECONDS = 180e9;

    /** @var list<float> milliseconds */
    private array $late = [];

    /** @var list<float> milliseconds */
    private array $empty = [];

    /** @var list<float> milliseconds */
    private array $reports = [];

    public function handle(): int
    {
        $visitor = new BenchVisitor($this->argument('address'));
        $visitor->ask('POST', '/api/session', ['name' => 'dilan', 'password' => 'lindenhof']);
        $jobs = $visitor->ask('GET', '/api/jobs');
        $times = [];
        for ($round = 0; $round < self::ROUNDS && is_array($jobs[$round] ?? null); $round++) {
            $this->work($visitor, $this->started($visitor, $jobs[$round]), $times);
        }
        ksort($times);
        foreach ($times as $kind => $taken) {
            $this->line(sprintf('%9.3f ms  %s, through HTTP; %.3f ms the first time', self::quantile($taken, 0.5), $kind, $taken[0]));
        }
        $this->line(sprintf('%9.3f ms  any action, through HTTP', self::quantile(array_merge(...array_values($times)), 0.5)));
        $further = array_map(fn (mixed $job): int => $this->started($visitor, is_array($job) ? $job : []), array_values(array_slice($jobs, self::ROUNDS)));
        foreach (array_slice($further, 0, self::LONG_ROUNDS) as $attempt) {
            $this->long($visitor, $attempt, self::LONG + self::TIMED);
        }
        $this->longOnes();
        $this->reports = [];
        foreach (array_slice($further, self::LONG_ROUNDS, -2) as $attempt) {
            $this->long($visitor, $attempt, self::LONG - 1, self::repaired());
        }
        $this->closed(self::LONG, 'with a repair');
        $last = array_slice($further, -2);
        if (count($last) === 2) {
            $this->hog($visitor, ...$last);
        }
        $this->line(sprintf('%9.0f MB  the most memory that any worker has had, as the system counts it', WorkerMemory::mostMegabytes(config()->string('database.connections.sqlite.database'))));

        return self::SUCCESS;
    }

    /** @param  array<array-key, mixed>  $job */
    private function started(BenchVisitor $visitor, array $job): int
    {
        $id = $job['id'] ?? 0;
        $started = $visitor->ask('POST', '/api/jobs/'.(is_int($id) ? $id : 0).'/attempt');

        return is_int($started['attempt'] ?? null) ? $started['attempt'] : 0;
    }

    /** @param  array<string, list<float>>  $times  by kind of action */
    private function work(BenchVisitor $visitor, int $attempt, array &$times): void
    {
        foreach (self::actions() as $position => $action) {
            $times[$action['do']][] = $this->act($visitor, $attempt, $position + 1, $action);
        }
    }

    /**
     * Beyond the sixtieth step: what an action costs beside a route that does nothing, each asked in turn; then how long after closing the report is there.
     *
     * @param  array<int, array<string, mixed>>  $further  actions by their number, which are done instead of what can be done over and over
     */
    private function long(BenchVisitor $visitor, int $attempt, int $steps, array $further = []): void
    {
        $held = config()->array('lernfall.held.actions');
        $quick = array_values(array_filter(self::actions(), static fn (array $action): bool => ! in_array($action['do'], $held, true) && in_array($action['do'], self::ON_A_LONG_JOB, true)));
        for ($number = 1; $number <= $steps; $number++) {
            $taken = $this->act($visitor, $attempt, $number, $further[$number] ?? $quick[$number % count($quick)]);
            $visitor->ask('GET', '/api/session');
            if ($number > self::LONG) {
                $this->late[] = $taken;
                $this->empty[] = $visitor->milliseconds();
            }
        }
        while (Belief::query()->where('attempt_id', $attempt)->max('step') !== $number - 1) {
            usleep(200_000); // the worker follows
        }
        $this->act($visitor, $attempt, $number, ['do' => 'conclude']);
        $this->reports[] = $this->untilMarked($visitor, $attempt);
    }

    /** @return array<int, array<string, mixed>> a cause and a repair towards the end of a job of sixty steps */
    private static function repaired(): array
    {
        return [
            self::LONG - 14 => ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor-plug', 'defect' => 'corroded', 'supports' => [], 'expects' => 'code-stays-away'],
            self::LONG - 13 => ['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FR'],
        ];
    }

    private function untilMarked(BenchVisitor $visitor, int $attempt): float
    {
        $closed = hrtime(true);
        do {
            usleep(20_000);
            $marking = $visitor->ask('GET', "/api/attempts/$attempt/report")['marking'] ?? null;
        } while ((! is_array($marking) || ($marking['state'] ?? '') !== 'marked') && hrtime(true) - $closed < self::PATIENCE_NANOSECONDS);

        return (hrtime(true) - $closed) / 1e6;
    }

    /** The same sweep over and over, as often as a job takes it; then both are closed. */
    private function hog(BenchVisitor $visitor, int $long, int $short): void
    {
        $pads = ['first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];
        $sweep = ['do' => 'capture', 'inputs' => [[...$pads, 'voltsPerDivision' => 0.1, 'coupling' => 'dc']], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']];
        $number = 0;
        do {
            $this->act($visitor, $long, ++$number, $sweep);
            $room = $visitor->ask('GET', "/api/attempts/$long")['room'] ?? null;
        } while ($number < self::SWEEPS && $room !== 0);
        $this->act($visitor, $long, $number + 1, ['do' => 'conclude']);
        $this->act($visitor, $short, 1, ['do' => 'conclude']);
        $other = $this->untilMarked($visitor, $short);
        $this->line(sprintf('%9.0f ms  from closing a job behind one of %d sweeps to its report; %.0f ms more until that one is marked', $other, $number, $this->untilMarked($visitor, $long)));
    }

    private function longOnes(): void
    {
        foreach ([['in the median', 0.5], ['at the 95th percentile', 0.95]] as [$where, $share]) {
            $action = self::quantile($this->late, $share);
            $empty = self::quantile($this->empty, $share);
            $this->line(sprintf('%9.3f ms  an action after step %d %s; %.3f ms a route that says who is signed in: %.2f times', $action, self::LONG, $where, $empty, $action / max(1e-9, $empty)));
        }
        $this->closed(self::LONG + self::TIMED + 1, 'that repaired nothing');
    }

    private function closed(int $steps, string $which): void
    {
        $this->line(sprintf('%9.0f ms  from closing a job of %d steps %s to its report (%.0f to %.0f)', self::quantile($this->reports, 0.5), $steps, $which, self::quantile($this->reports, 0.0), self::quantile($this->reports, 1.0)));
    }

    /** @param  array<string, mixed>  $action */
    private function act(BenchVisitor $visitor, int $attempt, int $number, array $action): float
    {
        $key = Str::uuid()->toString();
        $begun = hrtime(true);
        $answer = $visitor->ask('POST', "/api/attempts/$attempt/actions", ['key' => $key, 'number' => $number, 'action' => $action]);
        while (isset($answer['heldMilliseconds'])) {
            usleep(1000 * (is_int($answer['heldMilliseconds']) ? $answer['heldMilliseconds'] : 0));
            $answer = $visitor->ask('GET', "/api/attempts/$attempt/actions/$key");
        }

        return (hrtime(true) - $begun) / 1e6;
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
            ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 20, 'hard' => false], ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 20, 'hard' => true],
            ['do' => 'record-stop', 'footing' => 'ice-left', 'kilometresPerHour' => 20, 'hard' => true], ['do' => 'pull-away', 'footing' => 'ice-left'],
            ['do' => 'drive-freely', 'footing' => 'snow', 'parts' => [['foot' => 'throttle', 'steering' => 'left', 'seconds' => 4], ['foot' => 'brake-hard', 'steering' => 'straight', 'seconds' => 4]]],
            ['do' => 'watch-lamp'], ['do' => 'press-pedal', 'times' => 3, 'seconds' => 2], ['do' => 'parking-brake'], ['do' => 'ignition', 'to' => 'off'],
            ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
            ['do' => 'look', 'channel' => 'FR', 'at' => 'ring'], ['do' => 'rock-wheel', 'channel' => 'FR'], ['do' => 'gauge-gap', 'channel' => 'FR'],
            ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5], ['do' => 'measure', 'function' => 'volts-ac', ...$pads],
            ['do' => 'write-reading', 'of' => 31, 'feature' => 'reading', 'value' => 1, 'unit' => 'V', 'word' => '', 'judgement' => 'unsure', 'comparedWith' => ''],
            ['do' => 'capture', 'inputs' => [[...$pads, 'voltsPerDivision' => 0.1, 'coupling' => 'dc']], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']],
            ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0], ['do' => 'provoke', 'how' => 'wiggle-loom', 'channel' => 'FR'],
            ['do' => 'provoke', 'how' => 'nothing', 'channel' => 'FR'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'],
            ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 100, 'amplitude' => 1], ['do' => 'live-speeds', 'kilometresPerHour' => 0],
            ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 0, 'amplitude' => 0],
            ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 12, 'milliamperes' => 50, 'reversed' => false],
            ['do' => 'feed-sensor', 'channel' => 'FR', 'volts' => 0, 'milliamperes' => 50, 'reversed' => false],
            ['do' => 'connect-leads', 'leads' => [['first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.module.1']]], ['do' => 'fit-breakout', 'fitted' => true],
            ['do' => 'join', 'plug' => 'FR.sensor-plug'], ['do' => 'mark-station', 'channel' => 'FR', 'station' => 'loom', 'mark' => 'suspect'],
            ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'loom', 'defect' => 'open', 'supports' => [32], 'expects' => 'code-stays-away'],
            ['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR'], ['do' => 'swap-sensors', 'channel' => 'FR'], ['do' => 'conclude'],
        ];
    }

    /** @param  list<float>  $numbers */
    private static function quantile(array $numbers, float $share): float
    {
        sort($numbers);

        return $numbers[min(count($numbers) - 1, (int) floor(count($numbers) * $share))] ?? 0.0;
    }
}
