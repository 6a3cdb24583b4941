<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use Illuminate\Filesystem\Filesystem;
use Lernfall\Revision;
use Throwable;

/**
 * Jobs that are being followed: a few in memory, the one followed last at the end; the others on disk, a megabyte each. A
 * file that is of another revision or another job, or not whole, counts for nothing: its job is gone through once more.
 *
 * @phpstan-import-type KeptJob from FollowedJob
 */
final class FollowedJobs
{
    /** Some 50 megabytes each after sixty steps. */
    private const IN_MEMORY = 3;

    /** Beyond that only the one followed last stays there. */
    private const MOST_BYTES = 150_000_000;

    /** Of what is kept on disk: another one whenever classes of the core look otherwise; KeptShapesTest says when. */
    private const FORMAT = 12;

    /** @var array<int, array{FollowedJob, string}> with the key of the last action seen, by attempt */
    private array $known = [];

    public function __construct(private readonly Filesystem $files, private readonly string $folder)
    {
    }

    public function remember(Attempt $attempt, FollowedJob $followed): void
    {
        unset($this->known[$attempt->id]);
        $stay = memory_get_usage() > self::MOST_BYTES ? 1 : self::IN_MEMORY;
        foreach (array_slice($this->known, 0, max(0, count($this->known) - $stay + 1), preserve_keys: true) as $id => [$oldest, $key]) {
            $this->keep($id, $oldest, $key);
            unset($this->known[$id]);
        }
        $this->known[$attempt->id] = [$followed, $this->key($attempt, $followed->steps)];
    }

    /** In memory. */
    public function of(Attempt $attempt): ?FollowedJob
    {
        [$followed, $key] = $this->known[$attempt->id] ?? [null, ''];

        return $followed !== null && $key === $this->key($attempt, $followed->steps) ? $followed : null;
    }

    /** @return ?KeptJob on disk, as FollowedJob::kept() gave it */
    public function kept(Attempt $attempt): ?array
    {
        $file = $this->file($attempt->id);
        try {
            $text = $this->files->exists($file) ? @gzuncompress($this->files->get($file)) : false;
            /** @var array{core: string, key: string, job: KeptJob}|false $kept */
            $kept = $text === false ? false : @unserialize($text);
        } catch (Throwable) { // of a version whose classes looked otherwise
            return null;
        }

        return $kept !== false && $kept['core'] === self::version() && $kept['key'] === $this->key($attempt, $kept['job']['steps']) ? $kept['job'] : null;
    }

    public function forget(Attempt $attempt): void
    {
        unset($this->known[$attempt->id]);
        $this->files->delete($this->file($attempt->id));
    }

    private function keep(int $attempt, FollowedJob $followed, string $key): void
    {
        $this->files->ensureDirectoryExists($this->folder);
        $this->files->put($this->file($attempt), (string) gzcompress(serialize(['core' => self::version(), 'key' => $key, 'job' => $followed->kept()]), 1));
    }

    /** Of the last action seen: it is that of no other job. */
    private function key(Attempt $attempt, int $steps): string
    {
        return $attempt->actions->firstWhere('number', $steps)->key ?? '';
    }

    private static function version(): string
    {
        return Revision::CURRENT.', format '.self::FORMAT;
    }

    private function file(int $attempt): string
    {
        return "$this->folder/$attempt";
    }
}
