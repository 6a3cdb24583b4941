<?php

declare(strict_types=1);

namespace App\Attempts;

use ErrorException;
use Illuminate\Filesystem\Filesystem;
use JsonException;
use Lernfall\Bay\ClosedGround\DriveOutcome;
use Lernfall\Bay\ClosedGround\KnownDrives;

/**
 * Drives on closed ground that have been worked out, in files beside the database: one for each drive of a model, a line for each car that could be there. They belong to the code
 * that worked them out: with any other they count for nothing. Nothing is lost with them but time.
 */
final class KeptDrives implements KnownDrives
{
    /** @var array<string, array<string, string>> outcomes as JSON, by group and key */
    private array $read = [];

    private ?string $ofThisCode = null;

    public function __construct(private readonly Filesystem $files, private readonly string $folder)
    {
    }

    public function find(string $group, string $key): ?DriveOutcome
    {
        $this->read[$group] ??= $this->read($group);
        try {
            /** @var array{tries?: non-empty-list<array<string, string>>, left?: array<string, float>} $kept */
            $kept = json_decode($this->read[$group][$key] ?? '{}', true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) { // a line that was cut off
            return null;
        }

        return isset($kept['tries'], $kept['left']) ? new DriveOutcome($kept['tries'], array_map(floatval(...), $kept['left'])) : null;
    }

    public function keep(string $group, string $key, DriveOutcome $outcome): void
    {
        $json = json_encode(['tries' => $outcome->tries, 'left' => $outcome->left], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
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
        return $this->ofThisCode ??= $this->folder.'/'.hash('xxh128', implode('', array_map(static fn (\SplFileInfo $file): string => (string) hash_file('xxh128', $file->getPathname()), $this->files->allFiles(base_path('core')))));
    }
}
