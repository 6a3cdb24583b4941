<?php

declare(strict_types=1);

namespace App\Work;

use PDO;

/** What waits for the workers lies in a database file of its own: taking work on and off never holds up an apprentice's step. */
final readonly class QueueFile
{
    private const TABLE = <<<'SQL'
        create table if not exists jobs (
            id integer primary key autoincrement, queue varchar not null, payload text not null, attempts integer not null,
            reserved_at integer, available_at integer not null, created_at integer not null
        );
        create index if not exists jobs_of_a_queue on jobs (queue, reserved_at, available_at)
        SQL;

    public function __construct(private string $path)
    {
    }

    /** Makes it where it is missing. */
    public function prepare(): void
    {
        if ($this->path === ':memory:' || is_file($this->path)) {
            return;
        }
        $file = new PDO("sqlite:$this->path");
        $file->setAttribute(PDO::ATTR_TIMEOUT, 5);
        $file->exec(self::TABLE);
    }
}
