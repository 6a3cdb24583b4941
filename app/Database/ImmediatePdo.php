<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * A SQLite file whose transactions take the write lock as they begin, or wait for it: one that begins to write after it has read
 * is refused at once when another has written in between (sqlite.org/lang_transaction.html, sqlite.org/isolation.html).
 *
 * PDO always begins with a plain BEGIN, and below PHP 8.4 it takes no notice of a transaction that was begun otherwise.
 */
final class ImmediatePdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE TRANSACTION');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT TRANSACTION');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        $this->exec('ROLLBACK TRANSACTION');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
