<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Framework\Assert;
use RuntimeException;

/** Cases worked out by scipy's solvers of differential equations. */
final readonly class Scipy
{
    private const SOLVERS = __DIR__.'/../Reference/solvers/';

    /**
     * @param  string  $solver  a script of tests/Reference/solvers
     * @param  list<array<string, mixed>>  $cases
     * @return list<array<string, mixed>> one for each case
     */
    public static function solved(string $solver, array $cases): array
    {
        $process = proc_open([self::python(), self::SOLVERS.$solver], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if ($process === false) {
            throw new RuntimeException('The solver does not start.');
        }
        fwrite($pipes[0], json_encode($cases, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        [$written, $complaints] = [stream_get_contents($pipes[1]), stream_get_contents($pipes[2])];
        Assert::assertSame(0, proc_close($process), (string) $complaints);

        return json_decode((string) $written, true, 16, JSON_THROW_ON_ERROR);
    }

    /** The system's own python3 has the system's scipy; one that stands before it in the path may not. */
    private static function python(): string
    {
        foreach (['python3', '/usr/bin/python3'] as $python) {
            exec("$python -c 'import scipy' 2>/dev/null", $written, $status);
            if ($status === 0) {
                return $python;
            }
        }
        throw new RuntimeException('No python3 with scipy is here: install python3-scipy.');
    }
}
