<?php

return [
    // Left empty, every attempt gets a car of its own by chance. With a text, the same person gets the
    // same car in the same job each time: what a check or a demonstration needs, and a class does not.
    'attempt_seed' => env('LERNFALL_ATTEMPT_SEED', ''),
    // so long, and by a step, one job holds up what others wait for
    'seconds_at_a_time' => 1.0,
    // files by which workers are known to be there
    'workers' => storage_path('app/workers'),
];
