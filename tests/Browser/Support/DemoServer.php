<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Illuminate\Filesystem\Filesystem;
use RuntimeException;

/** The application served on a free port, on a database file of its own: freshly seeded, or with nobody in it. */
final class DemoServer
{
    /** The worker computes for seconds. */
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=128M'];

    /**
     * @param  array<string, string>  $environment  of its processes
     * @param  list<resource>  $processes  the server, and the worker beside it
     */
    private function __construct(public readonly string $address, private readonly string $database, private readonly array $environment, private readonly array $processes)
    {
    }

    public static function start(bool $isEmpty = false): self
    {
        $root = dirname(__DIR__, 3);
        $database = tempnam(sys_get_temp_dir(), 'lernfall-').'.sqlite';
        $environment = [
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'BCRYPT_ROUNDS' => '4',
            'CACHE_STORE' => 'file',
            'DB_DATABASE' => $database,
            'LERNFALL_ACTIONS_A_MINUTE' => '600', // faster than a person
            'LERNFALL_ATTEMPT_SEED' => 'the same cars each time',
            'LERNFALL_CACHE' => "$database.cache",
            'LERNFALL_DEMO' => '1',
            'LERNFALL_PREPARES_DRIVES' => '0',
            'LERNFALL_HELD_SECONDS' => '0.25',
            'QUEUE_CONNECTION' => 'database',
            'SESSION_DRIVER' => 'file',
        ] + array_diff_key(getenv(), ['PHP_CLI_SERVER_WORKERS' => true]);
        $isEmpty ? self::migrated($database, $root, $environment) : self::seeded($database, $root, $environment);
        $port = FreePort::find();
        $log = ['file', sys_get_temp_dir().'/lernfall-browser-server.log', 'a'];
        $processes = [];
        $worker = [...self::COMPILED, 'artisan', 'queue:work', '--queue=marks,counsel,following,beside', '--quiet', '--sleep=0.1', '--tries=1', '--timeout=300', '--memory=1024'];
        foreach ([['-d', 'opcache.enable_cli=1', '-d', 'expose_php=0', '-S', "127.0.0.1:$port", '-t', 'public', 'scripts/router.php'], $worker] as $command) {
            $process = proc_open([PHP_BINARY, ...$command], [['file', '/dev/null', 'r'], $log, $log], $pipes, $root, $environment);
            $processes[] = $process === false ? throw new RuntimeException(implode(' ', $command).' did not start') : $process;
        }
        $server = new self("http://127.0.0.1:$port", $database, $environment, $processes);
        $server->waitUntilItAnswers();

        return $server;
    }

    /** @return string what it says */
    public function artisan(string ...$command): string
    {
        return self::run([PHP_BINARY, 'artisan', ...array_values($command)], dirname(__DIR__, 3), $this->environment);
    }

    /** The worker stands still, as it were busy with something long; it goes on with workerGoesOn(). */
    public function workerWaits(): void
    {
        posix_kill(proc_get_status($this->processes[1])['pid'], SIGSTOP);
    }

    public function workerGoesOn(): void
    {
        posix_kill(proc_get_status($this->processes[1])['pid'], SIGCONT);
    }

    public function stop(): void
    {
        $this->workerGoesOn();
        foreach ($this->processes as $process) {
            proc_terminate($process);
            proc_close($process);
        }
        (new Filesystem)->deleteDirectory("$this->database.cache");
        array_map(unlink(...), glob(substr($this->database, 0, -strlen('.sqlite')).'.*') ?: []);
    }

    /** @param  array<string, string>  $environment */
    private static function migrated(string $database, string $root, array $environment): void
    {
        touch($database);
        self::run([PHP_BINARY, 'artisan', 'migrate', '--force', '--quiet'], $root, $environment);
    }

    /**
     * Seeded once for all classes of a run, where scripts/test.sh names a folder for it, and then copied.
     *
     * @param  array<string, string>  $environment
     */
    private static function seeded(string $database, string $root, array $environment): void
    {
        $folder = getenv('LERNFALL_SEEDED');
        $seed = $folder === false ? $database : "$folder/seeded.sqlite";
        $lock = fopen("$seed.lock", 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            throw new RuntimeException("$seed.lock cannot be locked");
        }
        if (! is_file($seed)) {
            touch("$seed.new");
            foreach ([['migrate', '--force'], ['db:seed', '--force'], ['queue:work', '--queue=marks', '--stop-when-empty']] as $step) {
                self::run([PHP_BINARY, ...self::COMPILED, 'artisan', ...$step, '--quiet'], $root, ['DB_DATABASE' => "$seed.new"] + $environment);
            }
            array_map(unlink(...), glob("$seed.new.queue.sqlite*") ?: []);
            rename("$seed.new", $seed);
        }
        $seed === $database || copy($seed, $database);
        fclose($lock);
    }

    private function waitUntilItAnswers(): void
    {
        for ($try = 0; $try < 100; $try++) {
            if (@file_get_contents($this->address.'/') !== false) {
                return;
            }
            usleep(100_000);
        }
        throw new RuntimeException('no answer from '.$this->address);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private static function run(array $command, string $folder, array $environment): string
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $folder, $environment);
        $said = $process === false ? '' : stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException(implode(' ', $command).' failed: '.$said);
        }

        return $said;
    }
}
