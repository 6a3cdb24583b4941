<?php

declare(strict_types=1);

namespace Tests\Hostile;

use RuntimeException;

/** A process of the application on a database file, that can be killed at any moment and started again. */
final class Killable
{
    private const SIGKILL = 9;

    /** @var ?resource */
    private $process = null;

    /**
     * @param  list<string>  $command  of PHP
     * @param  array<string, string>  $environment
     */
    public function __construct(private readonly array $command, private readonly array $environment)
    {
    }

    public function start(): void
    {
        $silent = ['file', '/dev/null', 'a'];
        $process = proc_open([PHP_BINARY, ...$this->command], [['file', '/dev/null', 'r'], $silent, $silent], $pipes, dirname(__DIR__, 2), $this->environment + getenv());
        $this->process = $process === false ? throw new RuntimeException('it did not start') : $process;
    }

    /** At once, whatever it is doing. */
    public function kill(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process, self::SIGKILL);
            proc_close($this->process);
            $this->process = null;
        }
    }
}
