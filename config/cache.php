<?php

declare(strict_types=1);

$folder = env('LERNFALL_CACHE', storage_path('framework/cache/data'));

return [
    'stores' => [
        // what was worked out once, and who is asked to slow down: of one database
        'file' => ['driver' => 'file', 'path' => $folder, 'lock_path' => $folder],
    ],
];
