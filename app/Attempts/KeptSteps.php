<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use ErrorException;
use Illuminate\Filesystem\Filesystem;
use Lernfall\Bay\Contract\Step;
use Lernfall\Revision;
use Throwable;

/**
 * The steps of an attempt with the car as it stood after each, so that an answer need not go through the drives before it once
 * more: that takes long, and how long would tell something of the car. A file that is missing, of another revision or of another
 * job counts for nothing, and nothing is lost with it but time.
 */
final readonly class KeptSteps
{
    /** Another one whenever classes of the core look otherwise: KeptShapesTest says when. */
    private const FORMAT = 13;

    /** The step before is kept as well, for as long as the newest is not shown. */
    private const STEPS_BACK = 2;

    public function __construct(private Filesystem $files, private string $folder)
    {
    }

    /** @return list<Step> up to some; empty where none is kept */
    public function of(Attempt $attempt): array
    {
        $count = $attempt->actions->count();
        foreach ([$count, $count - 1] as $number) {
            $steps = $number > 0 ? $this->read($attempt, $number) : [];
            if ($steps !== []) {
                return $steps;
            }
        }

        return [];
    }

    /** @param  list<Step>  $steps  all there are */
    public function keep(Attempt $attempt, array $steps): void
    {
        $number = count($steps);
        if ($number === 0 || $number !== $attempt->actions->count()) {
            return;
        }
        try {
            $this->files->ensureDirectoryExists($this->folder);
            $this->files->put($this->file($attempt, $number), serialize(['of' => $this->name($attempt, $number), 'steps' => $steps]));
        } catch (ErrorException) { // a disk that takes nothing
            return;
        }
        @unlink($this->file($attempt, $number - self::STEPS_BACK));
    }

    /** Nobody answers from it any more. */
    public function forget(Attempt $attempt): void
    {
        $this->files->delete($this->files->glob("$this->folder/$attempt->id-*"));
    }

    /** @return list<Step> */
    private function read(Attempt $attempt, int $number): array
    {
        $text = @file_get_contents($this->file($attempt, $number));
        try {
            /** @var array{of: string, steps: list<Step>}|false $kept */
            $kept = $text === false ? false : @unserialize($text);
        } catch (Throwable) { // of a version whose classes looked otherwise
            return [];
        }

        return $kept !== false && $kept['of'] === $this->name($attempt, $number) ? $kept['steps'] : [];
    }

    /** Of this car of this case at just this step, whatever database it is in. */
    private function name(Attempt $attempt, int $number): string
    {
        return implode(' ', [Revision::CURRENT, self::FORMAT, $attempt->version->sha256, hash('sha256', $attempt->seed), $attempt->id, $number, $attempt->actions[$number - 1]?->stored('key')]);
    }

    private function file(Attempt $attempt, int $number): string
    {
        return "$this->folder/$attempt->id-$number";
    }
}
