<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Http\Disk;
use ErrorException;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** A disk that takes nothing, whatever tripped over it: that is said to a page and to whoever opens the house, and is no riddle. */
final class FullDiskTest extends FeatureTestCase
{
    private const SENTENCE = 'The server cannot write to its disk: it is full or read-only. What you did before is kept. Please tell your instructor.';

    protected function setUp(): void
    {
        parent::setUp();
        ini_set('error_log', '/dev/null'); // which is where it would be told
    }

    protected function tearDown(): void
    {
        ini_restore('error_log');
        parent::tearDown();
    }

    /** @return array<string, array{string}> */
    public static function paths(): array
    {
        return ['a page' => ['/sign-in'], 'what a page asks for' => ['/api/jobs']];
    }

    #[DataProvider('paths')]
    public function test_it_is_said_in_a_sentence(string $path): void
    {
        $this->app->useStoragePath('/proc/takes-nothing');
        self::assertTrue(Disk::takesNothing());
        $answer = $this->answerTo($path);

        self::assertSame(507, $answer->getStatusCode());
        self::assertStringContainsString(self::SENTENCE, (string) $answer->getContent());
        self::assertFalse($this->app->make(ExceptionHandler::class)->shouldReport(new RuntimeException('cannot be written down either')));
    }

    #[DataProvider('paths')]
    public function test_nothing_of_the_kind_is_said_where_the_disk_is_in_order(string $path): void
    {
        self::assertFalse(Disk::takesNothing());
        self::assertSame([], glob(storage_path('framework/tried-*')));

        self::assertSame(500, $this->answerTo($path)->getStatusCode());
        self::assertTrue($this->app->make(ExceptionHandler::class)->shouldReport(new RuntimeException('of ours')));
    }

    /** @return array<string, array{int, int}> by the name of SQLite's result code: the code, and the status it is answered with */
    public static function codes(): array
    {
        return ['SQLITE_BUSY' => [5, 503], 'SQLITE_READONLY' => [8, 507], 'SQLITE_FULL' => [13, 507], 'SQLITE_CANTOPEN' => [14, 507]];
    }

    /** A page is a page, and what a page asks for is JSON. */
    #[DataProvider('codes')]
    public function test_a_database_that_cannot_be_used_is_said_to_both(int $code, int $status): void
    {
        $cause = new PDOException('of the database');
        $cause->errorInfo = ['HY000', $code, ''];
        $error = new QueryException('sqlite', 'select 1', [], $cause);
        $handler = $this->app->make(ExceptionHandler::class);
        $toPage = $handler->render(Request::create('/bay/1'), $error);
        $toScript = $handler->render(Request::create('/api/jobs'), $error);

        self::assertSame([$status, $status], [$toPage->getStatusCode(), $toScript->getStatusCode()]);
        self::assertStringContainsString('<h1>Lernfall</h1><p>The server', (string) $toPage->getContent());
        self::assertStringStartsWith('{"message":"The server', (string) $toScript->getContent());
    }

    /** Cars are kept for speed alone: a job can be read, and what is written down waits. */
    public function test_a_job_can_be_looked_at(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        config(['lernfall.kept_steps' => '/proc/takes-nothing/steps']);

        $this->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonCount(1, 'steps');
    }

    private function answerTo(string $path): Response
    {
        return $this->app->make(ExceptionHandler::class)->render(Request::create($path), new ErrorException('file_put_contents(a): Failed to open stream'));
    }
}
