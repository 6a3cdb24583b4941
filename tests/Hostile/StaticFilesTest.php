<?php

declare(strict_types=1);

namespace Tests\Hostile;

use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\FreePort;

/** Served by hand over a socket, for a client tidies a path before it asks. */
final class StaticFilesTest extends TestCase
{
    private static int $port;

    /** @var resource */
    private static $server;

    public static function setUpBeforeClass(): void
    {
        self::$port = FreePort::find();
        $silent = ['file', '/dev/null', 'a'];
        $environment = ['APP_ENV' => 'production', 'APP_KEY' => 'base64:'.str_repeat('A', 43).'=', 'DB_DATABASE' => ':memory:', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array', 'QUEUE_CONNECTION' => 'sync'] + getenv();
        $server = proc_open([PHP_BINARY, '-d', 'expose_php=0', '-S', '127.0.0.1:'.self::$port, '-t', 'public', 'scripts/router.php'], [['file', '/dev/null', 'r'], $silent, $silent], $pipes, dirname(__DIR__, 2), $environment);
        self::assertNotFalse($server);
        self::$server = $server;
        for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', self::$port) === false; $try++) {
            usleep(100_000);
        }
    }

    public static function tearDownAfterClass(): void
    {
        proc_terminate(self::$server);
        proc_close(self::$server);
    }

    public function test_nothing_outside_is_served_nor_told_of(): void
    {
        $unknown = $this->body($this->asked('/no-such-page'));
        self::assertStringContainsString('<div id=', $unknown);
        foreach (['/../.env', '/%2e%2e/.env', '/..%2f.env', '/build/../../composer.json', '/..%2fno-such-file', '/index.php', '/build/../index.php', '/.gitignore', '/build/.stamp', '/build/assets', '/build%00/manifest.json'] as $path) {
            $answer = $this->asked($path);
            self::assertStringNotContainsString('APP_KEY=', $answer, $path);
            self::assertStringNotContainsString('<?php', $answer, $path);
            self::assertStringNotContainsString('"require"', $answer, $path);
            self::assertSame($this->statusOf($this->asked(str_replace(['.env', 'composer', 'index', '.gitignore', '.stamp', 'assets', 'manifest'], 'other', $path))), $this->statusOf($answer), $path);
        }
    }

    public function test_files_have_headers_are_packed_and_nothing_tells_a_version(): void
    {
        $script = (string) preg_replace('~^.*(/build/assets/)~', '$1', (glob(dirname(__DIR__, 2).'/public/build/assets/*.js') ?: [''])[0]);
        $plain = $this->asked($script);
        $packed = $this->asked($script, "Accept-Encoding: gzip\r\n");

        $tightest = $this->asked($script, "Accept-Encoding: gzip, deflate, br\r\n");
        self::assertStringContainsString('Content-Encoding: br', $tightest);
        self::assertLessThan(strlen($this->body($packed)), strlen($this->body($tightest)));
        foreach ([$plain, $packed, $tightest] as $answer) {
            self::assertStringContainsString('X-Content-Type-Options: nosniff', $answer);
            self::assertStringContainsString('Cache-Control: public, max-age=31536000, immutable', $answer);
        }
        self::assertSame($this->body($plain), (string) gzdecode($this->body($packed)));
        foreach ([$plain, $this->asked('/sign-in'), $this->asked('/api/session')] as $answer) {
            self::assertStringNotContainsStringIgnoringCase('powered-by', $answer);
            self::assertStringNotContainsString(PHP_VERSION, explode("\r\n\r\n", $answer)[0]);
        }
    }

    private function asked(string $path, string $headers = ''): string
    {
        $connection = fsockopen('127.0.0.1', self::$port);
        self::assertNotFalse($connection);
        fwrite($connection, "GET $path HTTP/1.0\r\nHost: 127.0.0.1\r\n$headers\r\n");
        $answer = (string) stream_get_contents($connection);
        fclose($connection);

        return $answer;
    }

    private function statusOf(string $answer): string
    {
        return explode(' ', $answer)[1] ?? '';
    }

    private function body(string $answer): string
    {
        return explode("\r\n\r\n", $answer, 2)[1] ?? '';
    }
}
