<?php

declare(strict_types=1);

namespace App\Attempts;

use ErrorException;
use FilesystemIterator;
use Illuminate\Filesystem\Filesystem;
use JsonException;
use Lernfall\Bay\ClosedGround\DriveOutcome;
use Lernfall\Bay\ClosedGround\KnownDrives;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Drives on closed ground that have been worked out, in files beside the database: one for each drive of a model, a line for each car that could be there. They belong to the code
 * that worked them out: with any other they count for nothing. Nothing is lost with them but time.
 */
final class KeptDrives implements KnownDrives
{
    /** Cars with nothing wrong with them, in a file of their own. */
    private const USUAL = 'usual';

    /** @var array<string, array<string, string>> outcomes as JSON, by group and key */
    private array $read = [];

    private ?string $ofThisCode = null;

    public function __construct(private readonly Filesystem $files, private readonly string $folder)
    {
    }

    public function find(string $group, string $key): ?DriveOutcome
    {
        /** @var array{tries?: non-empty-list<array<string, string>>, left?: array<string, float>} $kept */
        $kept = $this->line($group, $key);

        return isset($kept['tries'], $kept['left']) ? new DriveOutcome($kept['tries'], array_map(floatval(...), $kept['left'])) : null;
    }

    public function keep(string $group, string $key, DriveOutcome $outcome): void
    {
        $this->write($group, $key, json_encode(['tries' => $outcome->tries, 'left' => $outcome->left], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    public function usual(string $key): ?float
    {
        $kept = $this->line(self::USUAL, $key)['figure'] ?? null;

        return is_float($kept) ? $kept : null;
    }

    public function keepUsual(string $key, float $figure): void
    {
        $this->write(self::USUAL, $key, json_encode(['figure' => $figure], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return array<string, mixed> nothing where it is not known, or was cut off */
    private function line(string $group, string $key): array
    {
        $this->read[$group] ??= $this->read($group);
        try {
            $kept = json_decode($this->read[$group][$key] ?? '{}', true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return [];
        }

        return is_array($kept) ? $kept : [];
    }

    private function write(string $group, string $key, string $json): void
    {
        $this->read[$group][$key] = $json;
        try {
            $this->files->append($this->place($group), "$key $json\n", true);
        } catch (ErrorException) { // a disk that takes nothing
        }
    }

    /** @return array<string, string> */
    private function read(string $group): array
    {
        $outcomes = [];
        foreach (@file($this->folderOfThisCode()."/$group", FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            [$key, $json] = [...explode(' ', $line, 2), ''];
            $outcomes[$key] = $json;
        }

        return $outcomes;
    }

    private function place(string $group): string
    {
        $folder = $this->folderOfThisCode();
        if (! $this->files->isDirectory($folder)) {
            $this->files->deleteDirectory($this->folder); // what other code has left
            $this->files->ensureDirectoryExists($folder);
        }

        return "$folder/$group";
    }

    private function folderOfThisCode(): string
    {
        return $this->ofThisCode ??= $this->folder.'/'.hash('xxh128', implode("\n", $this->codeFiles()));
    }

    /** @return list<string> each with when it was written and how long it is: reading all of them would take as long as a drive */
    private function codeFiles(): array
    {
        $files = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core'), FilesystemIterator::SKIP_DOTS)) as $file) {
            $files[] = "{$file->getPathname()} {$file->getMTime()} {$file->getSize()}";
        }
        sort($files);

        return $files;
    }
}
