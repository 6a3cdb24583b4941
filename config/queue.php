<?php

return [
    // what fails is in the log, and whoever waits for it is told
    'failed' => ['driver' => 'null'],
];
