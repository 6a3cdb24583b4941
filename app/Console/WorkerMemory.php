<?php

declare(strict_types=1);

namespace App\Console;

/** What the system says of the workers on a database; nothing where it does not tell (proc(5)). */
final readonly class WorkerMemory
{
    /** The most that any of them has had at once. */
    public static function mostMegabytes(string $database): float
    {
        $most = 0.0;
        foreach (glob('/proc/[0-9]*') ?: [] as $process) {
            $isWorker = str_contains((string) @file_get_contents("$process/cmdline"), "queue:work\0") && str_contains((string) @file_get_contents("$process/environ"), "DB_DATABASE=$database\0");
            if ($isWorker && preg_match('/^VmHWM:\s+(\d+) kB/m', (string) @file_get_contents("$process/status"), $found) === 1) {
                $most = max($most, (float) $found[1] / 1024.0);
            }
        }

        return $most;
    }
}
