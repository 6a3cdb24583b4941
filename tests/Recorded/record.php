<?php

declare(strict_types=1);

// php tests/Recorded/record.php [--jobs=200] [--marks=200] [--write] [--dump=FOLDER] [--part=0/2]
// Plays the drawn jobs and compares what they showed and earned with tests/Recorded/hashes.json, or writes that file.

use Tests\Recorded\Record;

require dirname(__DIR__, 2).'/vendor/autoload.php';

ini_set('memory_limit', '3G');
$options = getopt('', ['jobs:', 'marks:', 'write', 'dump:', 'part:']);
$jobs = (int) ($options['jobs'] ?? Record::JOBS);
$marks = (int) ($options['marks'] ?? Record::JOBS);
[$part, $parts] = array_map(intval(...), explode('/', $options['part'] ?? '0/1'));
$kept = Record::kept();
$differing = 0;
for ($number = 1 + $part; $number <= $jobs; $number += $parts) {
    $record = Record::of($number, $number <= $marks);
    if (isset($options['dump'])) {
        file_put_contents($options['dump']."/$number.json", $record->json());
    }
    foreach ($record->hashes() as $what => $hash) {
        if (($kept[$number][$what] ?? $hash) !== $hash) {
            $differing++;
            echo "job $number: $what differ\n";
        }
        $kept[$number][$what] = $hash;
    }
}
if (isset($options['write'])) {
    Record::keep($kept);
}
echo "$differing differ\n";
exit($differing === 0 ? 0 : 1);
