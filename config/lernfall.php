<?php

return [
    // Left empty, every attempt gets a car of its own by chance. With a text, the same person gets the
    // same car in the same job each time: what a check or a demonstration needs, and a class does not.
    'attempt_seed' => env('LERNFALL_ATTEMPT_SEED', ''),
    // served as a demonstration: whoever comes to the door is told so
    'demo' => (bool) env('LERNFALL_DEMO', false),

    // where tablets find this machine; told by ./lernfall class
    'address' => (string) env('LERNFALL_ADDRESS', ''),
    // so long, and by a step, one job holds up what others wait for
    'seconds_at_a_time' => 1.0,
    // What one job may hold, and from which share of it on the bay says so. Sixty steps are a long job.
    'room' => ['steps' => 400, 'bytes' => 1_000_000, 'told_from' => 0.8],
    // Of one person; 0 for as many as come. Nobody works faster than that for a minute.
    'actions_a_minute' => (int) env('LERNFALL_ACTIONS_A_MINUTE', 120),
    // What takes long to work out is answered on a grid of time, so that the time tells nothing of the car. 0 seconds: at once.
    'held' => [
        'seconds' => (float) env('LERNFALL_HELD_SECONDS', 0.25),
        'actions' => ['road-test', 'record-drive', 'live-speeds', 'capture', 'cycle-power', 'watch-lamp', 'press-pedal', 'clear-codes', 'test-actuator', 'stop-on-closed-ground', 'record-stop', 'pull-away', 'drive-freely'],
    ],
    // Drives on closed ground that are worked out when a case is published, of all cars that could be there; what else is driven is worked out when somebody does.
    'usual_drives' => (bool) env('LERNFALL_PREPARES_DRIVES', true) ? [
        ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 40, 'hard' => true],
        ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 20, 'hard' => false],
        ['do' => 'stop-on-closed-ground', 'footing' => 'ice-left', 'kilometresPerHour' => 40, 'hard' => true],
        ['do' => 'pull-away', 'footing' => 'ice-left'],
        ['do' => 'pull-away', 'footing' => 'ice-right'],
        ['do' => 'stop-on-closed-ground', 'footing' => 'wet', 'kilometresPerHour' => 40, 'hard' => true],
    ] : [],
    // where what was worked out of drives is kept
    'kept_drives' => storage_path('app/drives'),
    // for ./lernfall bench leak alone: milliseconds by which answers are late, and the kind of fault on whose cars they are
    'artificial_leak' => env('LERNFALL_ARTIFICIAL_LEAK', ''),
    // after the time of a job is over, for what is to be written on its card
    'card_minutes' => 3,
    // so long nothing was heard of this machine: it was away, and nobody's time goes on meanwhile
    'outage_seconds' => 60,
    'pulse' => storage_path('app/pulse'),
    // a school day; after that everybody signs in again
    'signed_in_hours' => 12,
    // days after which jobs are forgotten: practice after a school year, what was marked as the school sets; 0: never
    'kept_days' => ['practice' => (int) env('LERNFALL_PRACTICE_KEPT_DAYS', 365), 'marked' => (int) env('LERNFALL_MARKS_KEPT_DAYS', 0)],
    // steps of jobs under way, with their cars
    'kept_steps' => storage_path('app/steps'),
    // files by which workers are known to be there
    'workers' => storage_path('app/workers'),

    // who says from whom a request came, and whether it was encrypted: the door of this machine, where there is one (scripts/encrypted-door.mjs)
    'doors' => env('LERNFALL_ENCRYPTED') ? ['127.0.0.1'] : [],
];
