<?php

$database = env('DB_DATABASE', database_path('lernfall.sqlite'));
$file = [
    'driver' => 'sqlite',
    'prefix' => '',
    'busy_timeout' => 5000,
    'journal_mode' => 'wal',
    'synchronous' => 'normal',
    // the write lock is taken at once: two that have both read would otherwise wait for each other in vain
    'transaction_mode' => 'IMMEDIATE',
];

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => $file + ['database' => $database, 'foreign_key_constraints' => true],
        'queue' => $file + ['database' => $database === ':memory:' ? $database : preg_replace('/\.sqlite$/', '', $database).'.queue.sqlite'],
    ],
];
