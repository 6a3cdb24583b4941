<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\ContentLibrary;
use Illuminate\Console\Command;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Calibration\PriorCases;
use Lernfall\Calibration\RandomTester;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Format\VehicleReader;

/** Holds chances against the truth: cars drawn as commonly as faults are taken to be, sensible tests made at random. */
final class BenchCalibration extends Command
{
    protected $signature = 'bench:calibration {--cases=60 : of each vehicle} {--tests=4 : made on each} {--seed=bench} {--vehicle= : one of them only}';

    protected $description = 'Hold the chances given to remedies against the truth';

    private const EDGES = [0.0, 0.3, 0.5, 0.6, 0.7, 0.8, 0.9, 0.97, 1.01];

    private const NEEDLESS = 120.0;

    public function handle(ContentLibrary $library): int
    {
        $beliefs = [];
        foreach ($library->vehicles() as $id => $document) {
            if ($this->option('vehicle') === null || $this->option('vehicle') === $id) {
                array_push($beliefs, ...$this->vehicle($library, (string) $id, $document));
            }
        }
        $this->reliability($beliefs);

        return self::SUCCESS;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<array{float, bool}>
     */
    private function vehicle(ContentLibrary $library, string $id, array $document): array
    {
        $sound = VehicleReader::read($document);
        $evidence = $library->evidence()->of(new FaultCase('', '', '', $sound, []), new CaseKnowledge(lampTold: true));
        $drawn = new PriorCases($evidence->hypotheses, $library->catalogue(), $this->option('seed').$id);
        $tester = new RandomTester($evidence, $evidence->adviser(self::NEEDLESS));
        $beliefs = [];
        for ($number = 0; $number < (int) $this->option('cases'); $number++) {
            array_push($beliefs, ...$tester->beliefs(new FaultCase('', '', '', $sound, $drawn->faults($number)), "$id $number", (int) $this->option('tests')));
        }

        return $beliefs;
    }

    /** @param  list<array{float, bool}>  $beliefs */
    private function reliability(array $beliefs): void
    {
        foreach (array_slice(self::EDGES, 0, -1) as $index => $from) {
            $here = array_values(array_filter($beliefs, static fn (array $one): bool => $one[0] >= $from && $one[0] < self::EDGES[$index + 1]));
            if ($here !== []) {
                $this->line(sprintf(
                    'given %3.0f to %3.0f %%: %4d times, %5.1f %% in the mean, right %5.1f %%', 100.0 * $from, min(100.0, 100.0 * self::EDGES[$index + 1]), count($here),
                    100.0 * array_sum(array_column($here, 0)) / count($here),
                    100.0 * count(array_filter($here, static fn (array $one): bool => $one[1])) / count($here),
                ));
            }
        }
    }
}
