<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Http\Disk;
use ErrorException;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Tests\Feature\FeatureTestCase;

/** A disk that takes nothing, whatever tripped over it: that is said to a page and to whoever opens the house, and is no riddle. */
final class FullDiskTest extends FeatureTestCase
{
    private const SENTENCE = 'The server cannot write to its disk: it is full or read-only. What you did before is kept. Please tell your instructor.';

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
