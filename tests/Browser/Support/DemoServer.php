<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** The application served on a free port, on a freshly seeded database file of its own. */
final class DemoServer
{
    /** @var resource */
    private $process;

    private function __construct(public readonly string $address, private readonly string $database, mixed $process)
    {
        $this->process = $process;
    }

    public static function start(): self
    {
        $root = dirname(__DIR__, 3);
        $database = tempnam(sys_get_temp_dir(), 'lernfall-').'.sqlite';
        touch($database);
        $environment = [
            'APP_ENV' => 'production',
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'BCRYPT_ROUNDS' => '4',
            'DB_DATABASE' => $database,
            'LERNFALL_ATTEMPT_SEED' => 'the same cars each time',
            'SESSION_DRIVER' => 'file',
        ] + array_diff_key(getenv(), ['PHP_CLI_SERVER_WORKERS' => true]);
        foreach (['migrate', 'db:seed'] as $step) {
            self::run([PHP_BINARY, 'artisan', $step, '--force', '--quiet'], $root, $environment);
        }
        $port = FreePort::find();
        $log = ['file', sys_get_temp_dir().'/lernfall-browser-server.log', 'a'];
        $process = proc_open(
            [PHP_BINARY, '-S', "127.0.0.1:$port", '-t', 'public', 'scripts/router.php'],
            [['file', '/dev/null', 'r'], $log, $log],
            $pipes,
            $root,
            $environment,
        );
        if ($process === false) {
            throw new RuntimeException('the server did not start');
        }
        $server = new self("http://127.0.0.1:$port", $database, $process);
        $server->waitUntilItAnswers();

        return $server;
    }

    public function stop(): void
    {
        proc_terminate($this->process);
        proc_close($this->process);
        array_map(unlink(...), glob($this->database.'*') ?: []);
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
    private static function run(array $command, string $folder, array $environment): void
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, $folder, $environment);
        $said = $process === false ? '' : stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException(implode(' ', $command).' failed: '.$said);
        }
    }
}
