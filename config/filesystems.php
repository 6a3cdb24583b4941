<?php

return [
    'default' => 'local',
    // nothing in there is handed out, nor taken in, by an address
    'disks' => ['local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false, 'throw' => false]],
];
