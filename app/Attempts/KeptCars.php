<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use ErrorException;
use Illuminate\Filesystem\Filesystem;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Job\Job;
use Lernfall\Revision;
use Throwable;

/**
 * The car of an attempt as it came in and as it stood after each step, so that an answer need not go through the drives before
 * it once more: that takes long, and how long would tell something of the car. A file that is missing, of another revision or of
 * another job counts for nothing, and nothing is lost with it but time.
 */
final readonly class KeptCars
{
    private const FORMAT = 1;

    /** The step before is kept as well, for as long as the newest is not shown. */
    private const STEPS_BACK = 2;

    public function __construct(private Filesystem $files, private string $folder)
    {
    }

    /** @return list<Car> as it came in, then after each step up to some; empty where none is kept */
    public function of(Attempt $attempt): array
    {
        $count = $attempt->actions->count();
        foreach ([$count, $count - 1] as $steps) {
            $cars = $steps > 0 ? $this->read($attempt, $steps) : [];
            if ($cars !== []) {
                return $cars;
            }
        }

        return [];
    }

    public function keep(Attempt $attempt, Job $job): void
    {
        $steps = count($job->steps);
        if ($steps === 0 || $steps !== $attempt->actions->count()) {
            return;
        }
        $cars = [$job->steps[0]->before];
        foreach ($job->steps as $step) {
            $cars[] = $step->after;
        }
        try {
            $this->files->ensureDirectoryExists($this->folder);
            $this->files->put($this->file($attempt, $steps), (string) gzcompress(serialize(['of' => $this->name($attempt, $steps), 'cars' => $cars]), 1));
        } catch (ErrorException) { // a disk that takes nothing
            return;
        }
        @unlink($this->file($attempt, $steps - self::STEPS_BACK));
    }

    /** Nobody answers from it any more. */
    public function forget(Attempt $attempt): void
    {
        $this->files->delete($this->files->glob("$this->folder/$attempt->id-*"));
    }

    /** @return list<Car> */
    private function read(Attempt $attempt, int $steps): array
    {
        $text = @file_get_contents($this->file($attempt, $steps));
        try {
            /** @var array{of: string, cars: list<Car>}|false $kept */
            $kept = $text === false ? false : @unserialize((string) @gzuncompress($text));
        } catch (Throwable) { // of a version whose classes looked otherwise
            return [];
        }

        return $kept !== false && $kept['of'] === $this->name($attempt, $steps) ? $kept['cars'] : [];
    }

    /** Of this car of this case at just this step, whatever database it is in. */
    private function name(Attempt $attempt, int $steps): string
    {
        return implode(' ', [Revision::CURRENT, self::FORMAT, $attempt->version->sha256, hash('sha256', $attempt->seed), $attempt->id, $steps, $attempt->actions->firstWhere('number', $steps)->key ?? '']);
    }

    private function file(Attempt $attempt, int $steps): string
    {
        return "$this->folder/$attempt->id-$steps";
    }
}
