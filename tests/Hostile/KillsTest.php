<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Attempts\Replay;
use App\Models\Attempt;
use App\Models\MarkSheetRecord;
use App\Work\QueueFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lernfall\Chance\Draw;
use Tests\Browser\Support\FreePort;
use Tests\Feature\FeatureTestCase;
use Tests\Support\Sweep;

/** Server and worker are killed in the middle of what they do. Whoever asks again has what was asked for, once, and nothing is lost. */
final class KillsTest extends FeatureTestCase
{
    /** In the usual run, and in a thorough one. */
    private const KILLS = [10, 200];

    private const WORKER_KILLS = [2, 20];

    /** Some are killed before they have read a byte, some when all is done. */
    private const WITHIN_SECONDS = 0.06;

    private const ACTIONS = [
        ['do' => 'look-at-lamps'], ['do' => 'road-test'], ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'battery.negative'],
        ['do' => 'record-drive', 'route' => 'left-bends', 'onCode' => false], ['do' => 'read-codes'],
    ];

    private const PATIENCE_SECONDS = 120;

    private string $file;

    private int $port;

    private Draw $draw;

    private ?Killable $started = null;

    /** A file of its own, which the processes share. */
    public function refreshDatabase(): void
    {
        $this->file = sys_get_temp_dir().'/killed-'.Str::uuid();
        touch("$this->file.sqlite");
        config(['database.connections.sqlite.database' => "$this->file.sqlite", 'database.connections.queue.database' => "$this->file.queue.sqlite"]);
        array_map(DB::purge(...), ['sqlite', 'queue']);
        (new QueueFile("$this->file.queue.sqlite"))->prepare();
        Artisan::call('migrate', ['--force' => true]);
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->draw = new Draw('kills');
        $this->port = FreePort::find();
    }

    protected function tearDown(): void
    {
        $this->started?->kill();
        array_map(DB::purge(...), ['sqlite', 'queue']);
        array_map(unlink(...), glob("$this->file*") ?: []);
        parent::tearDown();
    }

    public function test_an_action_on_its_way_when_the_server_is_killed_is_done_once(): void
    {
        $attempt = $this->attempt();
        $server = $this->process(['-S', "127.0.0.1:$this->port", '-t', 'public', 'scripts/router.php']);
        $server->start();
        $cookie = $this->signedIn();
        $this->answered($attempt, $cookie, 1, (string) Str::uuid(), ['do' => 'ignition', 'to' => 'running']);
        $lost = 0;
        for ($kill = 0; $kill < self::KILLS[Sweep::isThorough() ? 1 : 0]; $kill++) {
            $action = self::ACTIONS[$kill % count(self::ACTIONS)];
            $key = (string) Str::uuid();
            $this->sent('POST', "/api/attempts/$attempt->id/actions", $cookie, ['key' => $key, 'number' => $kill + 2, 'action' => $action]);
            usleep((int) (1e6 * self::WITHIN_SECONDS * $this->draw->uniform("when $kill")));
            $server->kill();
            $lost += $attempt->actions()->where('key', $key)->exists() ? 0 : 1;
            $server->start();
            $this->answered($attempt, $cookie, $kill + 2, $key, $action);
        }

        $numbers = $attempt->actions()->pluck('number')->all();
        self::assertSame(range(1, self::KILLS[Sweep::isThorough() ? 1 : 0] + 1), $numbers);
        self::assertSame([], $this->app->make(Replay::class)->of($attempt->refresh(), withMarks: false)->steps, 'done again, all shows the same');
        $this->told(sprintf('%d kills of the server: %d before it was stored, %d after, nothing lost', $kill, $lost, $kill - $lost));
    }

    public function test_marks_are_worked_out_once_however_often_the_worker_is_killed(): void
    {
        $attempt = $this->attempt();
        config(['queue.default' => 'database']);
        foreach ([['do' => 'ignition', 'to' => 'running'], ...self::ACTIONS, ['do' => 'conclude']] as $action) {
            $this->act($attempt, $action)->assertOk();
        }
        $worker = $this->process(['artisan', 'queue:work', '--queue=marks', '--quiet', '--sleep=0.05', '--tries=1']);
        for ($kill = 0; $kill < self::WORKER_KILLS[Sweep::isThorough() ? 1 : 0]; $kill++) {
            $worker->start();
            usleep((int) (1e6 * $this->draw->uniform("worker $kill")));
            $worker->kill();
        }
        $worker->start();

        $this->until(static fn (): bool => MarkSheetRecord::query()->where('attempt_id', $attempt->id)->exists());
        $worker->kill();
        self::assertSame(1, MarkSheetRecord::query()->count());
        self::assertSame([], $this->app->make(Replay::class)->of($attempt->refresh())->marks, 'worked out again, they are the same');
        $this->told("$kill kills of the worker: marked once");
    }

    /** @param  list<string>  $command */
    private function process(array $command): Killable
    {
        return $this->started = new Killable($command, [
            'APP_ENV' => 'production', 'APP_KEY' => 'base64:'.str_repeat('A', 43).'=', 'BCRYPT_ROUNDS' => '4', 'DB_DATABASE' => "$this->file.sqlite", 'CACHE_STORE' => 'array',
            'SESSION_DRIVER' => 'file', 'QUEUE_CONNECTION' => 'database', 'LERNFALL_HELD_SECONDS' => '0.05', 'LERNFALL_ACTIONS_A_MINUTE' => '0',
        ]);
    }

    private function signedIn(): string
    {
        $answer = $this->asked('POST', '/api/session', '', ['name' => 'learner', 'password' => 'secret words']);
        preg_match('~^Set-Cookie: (lernfall[-_]session=[^;]+)~mi', $answer, $cookie);

        return $cookie[1] ?? self::fail($answer);
    }

    /**
     * Sent again until it is answered, as the bay does.
     *
     * @param  array<string, mixed>  $action
     */
    private function answered(Attempt $attempt, string $cookie, int $number, string $key, array $action): void
    {
        $answer = $this->asked('POST', "/api/attempts/$attempt->id/actions", $cookie, ['key' => $key, 'number' => $number, 'action' => $action]);
        $this->until(function () use ($attempt, $cookie, $key, &$answer): bool {
            $answer = str_contains($answer, ' 202 ') ? $this->asked('GET', "/api/attempts/$attempt->id/actions/$key", $cookie) : $answer;

            return ! str_contains($answer, ' 202 ');
        });
        self::assertStringContainsString(' 200 ', explode("\r\n", $answer)[0], $answer);
        self::assertStringContainsString("\"step\":{\"number\":$number,", $answer);
    }

    /** @param  ?array<string, mixed>  $body */
    private function asked(string $method, string $path, string $cookie, ?array $body = null): string
    {
        $connection = $this->sent($method, $path, $cookie, $body);
        $answer = (string) stream_get_contents($connection);
        fclose($connection);

        return $answer;
    }

    /**
     * @param  ?array<string, mixed>  $body
     * @return resource a connection on which the answer will come
     */
    private function sent(string $method, string $path, string $cookie, ?array $body)
    {
        $connection = false;
        $this->until(function () use (&$connection): bool {
            $connection = @fsockopen('127.0.0.1', $this->port);

            return $connection !== false;
        });
        assert(is_resource($connection));
        $text = $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR);
        fwrite($connection, "$method $path HTTP/1.0\r\nHost: 127.0.0.1:$this->port\r\nAccept: application/json\r\nContent-Type: application/json\r\nCookie: $cookie\r\nContent-Length: ".strlen($text)."\r\n\r\n$text");

        return $connection;
    }

    /** @param  callable(): bool  $isSo */
    private function until(callable $isSo): void
    {
        $end = time() + self::PATIENCE_SECONDS;
        while (! $isSo()) {
            self::assertLessThan($end, time(), 'it does not come');
            usleep(20_000);
        }
    }

    private function told(string $what): void
    {
        Sweep::isThorough() && fwrite(STDERR, "$what\n");
    }
}
