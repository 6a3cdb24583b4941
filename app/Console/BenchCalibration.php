<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\ContentLibrary;
use Illuminate\Console\Command;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Calibration\Claim;
use Lernfall\Calibration\DistortedVehicle;
use Lernfall\Calibration\PriorCases;
use Lernfall\Calibration\RandomTester;
use Lernfall\Calibration\Reliability;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Format\VehicleReader;

/** Holds chances against the truth: cars drawn as commonly as faults are taken to be, sensible tests made at random. */
final class BenchCalibration extends Command
{
    protected $signature = 'bench:calibration {--cases=200 : of each vehicle} {--tests=4 : made on each} {--seed=held-out} {--vehicle= : one of them only} {--outside : cars outside the model}';

    protected $description = 'Hold the chances given to remedies against the truth';

    private const NEEDLESS = 120.0;

    public function handle(ContentLibrary $library): int
    {
        $claims = [];
        foreach ($library->vehicles() as $id => $document) {
            if ($this->option('vehicle') === null || $this->option('vehicle') === $id) {
                array_push($claims, ...$this->vehicle($library, (string) $id, $document));
            }
        }
        $this->reliability(new Reliability($claims, (string) $this->option('seed')));

        return self::SUCCESS;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<Claim> every fourth car by sensible tests, the others by any
     */
    private function vehicle(ContentLibrary $library, string $id, array $document): array
    {
        $sound = VehicleReader::read($document);
        $evidence = $library->evidence()->of(new FaultCase('', '', '', $sound, []), new CaseKnowledge(lampTold: true));
        $drawn = new PriorCases($evidence->hypotheses, $library->catalogue(), $this->option('seed').$id);
        $tester = new RandomTester($evidence, $evidence->adviser(self::NEEDLESS));
        $claims = [];
        for ($number = 0; $number < (int) $this->option('cases'); $number++) {
            $vehicle = $this->option('outside') === true ? VehicleReader::read(DistortedVehicle::of($document, new Draw("$id $number"))) : $sound;
            array_push($claims, ...$tester->beliefs(new FaultCase('', '', '', $vehicle, $drawn->faults($number)), "$id $number", (int) $this->option('tests'), $number % 4 === 0));
        }

        return $claims;
    }

    private function reliability(Reliability $reliability): void
    {
        foreach ($reliability->bands() as $band) {
            $this->line(sprintf(
                'given %3.0f to %3.0f %%: %4d times, %5.1f %% in the mean, right %5.1f %%, off by %4.1f ± %3.1f',
                100.0 * $band['from'], 100.0 * $band['to'], $band['count'], 100.0 * $band['given'], 100.0 * $band['right'], 100.0 * ($band['right'] - $band['given']), 100.0 * $band['error'],
            ));
        }
        [$wrong, $certain] = $reliability->ruledOut();
        $this->line(sprintf('claims of 99 %%: %d, with the truth below 1 %%: %d; claims above 97 %%: %d; log score %.3f', $certain, $wrong, $reliability->nearCertain(), $reliability->logScore()));
    }
}
