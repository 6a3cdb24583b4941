<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;
use SensitiveParameter;

/** Connects so that transactions begin as `transaction_mode` IMMEDIATE says; the framework itself heeds it from PHP 8.4 on only. */
final class ImmediateConnector extends SQLiteConnector
{
    /** @param  array<int, mixed>  $options */
    protected function createPdoConnection($dsn, $username, #[SensitiveParameter] $password, $options): PDO
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
