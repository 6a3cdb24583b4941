<?php

return [
    // Left empty, every attempt gets a car of its own by chance. With a text, the same person gets the
    // same car in the same job each time: what a check or a demonstration needs, and a class does not.
    'attempt_seed' => env('LERNFALL_ATTEMPT_SEED', ''),
    // files by which workers are known to be there
    'workers' => storage_path('app/workers'),
];
