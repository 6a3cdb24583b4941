<?php

declare(strict_types=1);

namespace Tests\Recorded;

use Lernfall\Bay\Contract\Step;
use Lernfall\Format\MarkSheetFormat;
use Lernfall\Format\ObservationFormat;
use Tests\Support\Workbench;

/** What a drawn job showed and what it earned, and the hashes of both as they were when the file of them was written. */
final readonly class Record
{
    public const JOBS = 240;

    private const FILE = __DIR__.'/hashes.json';

    /**
     * @param  list<array<string, mixed>>  $steps
     * @param  ?array<string, mixed>  $marks
     */
    private function __construct(private array $steps, private ?array $marks)
    {
    }

    public static function of(int $number, bool $marked): self
    {
        $drawn = new DrawnJob($number);
        $job = $drawn->played();
        $steps = array_map(static fn (Step $step): array => [
            'do' => $step->action->name(), 'minutes' => $step->cost->minutes, 'money' => $step->cost->money, 'showed' => ObservationFormat::write($step->observation),
        ], $job->steps);

        return new self($steps, $marked ? MarkSheetFormat::write(Workbench::marker()->mark($job, Workbench::policy($drawn->policy()))) : null);
    }

    /** @return array<string, string> */
    public function hashes(): array
    {
        [$steps, $marks] = explode("\n    \"marks\": ", $this->json(), 2);

        return ['observations' => self::hash($steps), ...($this->marks === null ? [] : ['marks' => self::hash($marks)])];
    }

    public function json(): string
    {
        return json_encode(['steps' => $this->steps, 'marks' => $this->marks], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE);
    }

    /** @return array<int, array<string, string>> by number of the job */
    public static function kept(): array
    {
        return is_file(self::FILE) ? (array) json_decode((string) file_get_contents(self::FILE), true, 8, JSON_THROW_ON_ERROR) : [];
    }

    /** @param  array<int, array<string, string>>  $hashes */
    public static function keep(array $hashes): void
    {
        ksort($hashes);
        file_put_contents(self::FILE, json_encode($hashes, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n");
    }

    private static function hash(string $text): string
    {
        return substr(hash('sha256', $text), 0, 16);
    }
}
