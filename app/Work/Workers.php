<?php

declare(strict_types=1);

namespace App\Work;

/**
 * Who is at work beside the answers. Each worker holds a lock on a file of its own, which the system lifts when it ends, however
 * it ends: so a worker that was killed is known at once.
 */
final class Workers
{
    /** @var ?resource kept open while this process works */
    private $own = null;

    private string $name = '';

    public function __construct(private readonly string $folder)
    {
    }

    /** This process is a worker from now on. */
    public function join(): void
    {
        if ($this->own !== null) {
            return;
        }
        is_dir($this->folder) || @mkdir($this->folder, 0755, true);
        foreach (glob("$this->folder/*") ?: [] as $file) {
            $this->isHeld($file) || @unlink($file);
        }
        $this->name = getmypid().'-'.bin2hex(random_bytes(4));
        $file = fopen("$this->folder/$this->name", 'c');
        if ($file !== false && flock($file, LOCK_EX)) {
            $this->own = $file;
        }
    }

    /** Empty where this process is none, but does the work itself. */
    public function name(): string
    {
        return $this->name;
    }

    public function areThere(): bool
    {
        foreach (glob("$this->folder/*") ?: [] as $file) {
            if ($this->isHeld($file)) {
                return true;
            }
        }

        return false;
    }

    public function isAtWork(string $name): bool
    {
        return $name === $this->name || ($name !== '' && $this->isHeld("$this->folder/$name"));
    }

    private function isHeld(string $path): bool
    {
        $file = is_file($path) ? @fopen($path, 'r') : false;
        if ($file === false) {
            return false;
        }
        $free = flock($file, LOCK_EX | LOCK_NB);
        fclose($file);

        return ! $free;
    }
}
