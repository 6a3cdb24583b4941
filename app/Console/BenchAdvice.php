<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\ContentLibrary;
use Illuminate\Console\Command;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Calibration\DistortedVehicle;
use Lernfall\Calibration\RandomFaults;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Advice\RepairCost;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Solving\AdviceFollower;
use Lernfall\Evidence\Solving\Path;
use Lernfall\Fault\Fault;
use Lernfall\Fault\Symptom;
use Lernfall\Format\VehicleReader;
use Lernfall\Vehicle\Vehicle;

/**
 * Follows the advice on faults drawn by a seed, on cars of the model and on cars outside it, and counts how often it ends
 * in the right repair that the evidence carries.
 */
final class BenchAdvice extends Command
{
    protected $signature = 'bench:advice {--faults=60 : of each vehicle} {--seed=bench} {--vehicle= : one of them only} {--stations= : faults at these places only, for example hydraulics,brakes,switches} {--modelled : no cars outside the model} {--lists : every fault} {--complaints : who sees no lamp tells what is most telling of the fault}';

    protected $description = 'Follow the advice on many faults and count how often it ends right';

    /** Who sees no lamp and comes all the same complains of something: that nothing is wrong is unlikely then. */
    private const COMPLAINED = ['nothing' => 0.05];

    private const DRAWS = 400;

    /** @var list<array{float, bool}> chance and whether right, of every path */
    private array $ended = [];

    public function handle(ContentLibrary $library): int
    {
        foreach ($library->vehicles() as $id => $document) {
            if ($this->option('vehicle') === null || $this->option('vehicle') === $id) {
                $this->vehicle($library, (string) $id, $document, false);
                if ($this->option('modelled') !== true) {
                    $this->vehicle($library, (string) $id, $document, true);
                }
            }
        }
        $this->reliability();

        return self::SUCCESS;
    }

    /** @param  array<array-key, mixed>  $document */
    private function vehicle(ContentLibrary $library, string $id, array $document, bool $isOutside): void
    {
        $simulator = $library->simulator();
        $sound = VehicleReader::read($document);
        $faults = new RandomFaults($library->catalogue(), (string) $this->option('seed').$id);
        $right = 0;
        $noticed = ['all' => 0, 'right' => 0];
        $tests = [];
        $minutes = [];
        $count = (int) $this->option('faults');
        for ($number = 0; $number < $count; $number++) {
            $vehicle = $isOutside ? VehicleReader::read(DistortedVehicle::of($document, new Draw("$id $number"))) : $sound;
            $fault = $this->drawn($faults, $vehicle, $number, $count);
            if ($fault === null) {
                return; // such a car has none there
            }
            $case = new FaultCase('', '', '', $vehicle, [$fault]);
            $isNoticed = Hypotheses::hasWarned($case->car("$id $number"), $simulator);
            $path = $this->worked($library, $case, $sound, "$id $number", $isNoticed, $isNoticed || $this->option('complaints') !== true ? [] : self::complaint($library, $fault));
            $isRight = $path->advice->isToRepair() && ($path->isRight() || $path->advice->remedy === RepairCost::NOTHING && $library->weighing()->isUnseen($id, $fault));
            $right += $isRight ? 1 : 0;
            $noticed['all'] += $isNoticed ? 1 : 0;
            $noticed['right'] += $isNoticed && $isRight ? 1 : 0;
            $tests[] = count($path->tests);
            $minutes[] = $path->job->minutes();
            if (! $isOutside) {
                $this->ended[] = [$path->chance(), $isRight];
            }
            if ($this->option('lists') === true) {
                $this->line(sprintf('%s%s %s: %s, %d tests, %.2f', $isNoticed ? '' : 'silent ', $isRight ? 'right' : 'WRONG', $fault->key(), $path->advice->remedy, count($path->tests), $path->chance()));
            }
        }
        $this->line(sprintf('%-10s %s  right %d of %d; with a lamp %d of %d; tests %d, minutes %.0f in the median', $id, $isOutside ? 'outside the model' : 'as modelled      ', $right, $count, $noticed['right'], $noticed['all'], self::median($tests), self::median($minutes)));
    }

    /** The first fault in a row of draws that sits where it should. */
    private function drawn(RandomFaults $faults, Vehicle $vehicle, int $number, int $count): ?Fault
    {
        $stations = array_filter(explode(',', (string) $this->option('stations')));
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $fault = $faults->on($vehicle, $number + $count * $draw);
            if ($stations === [] || in_array($fault->kind->station, $stations, true)) {
                return $fault;
            }
        }

        return null;
    }

    /** @return list<Symptom> the one that is most telling of a fault, where there is any */
    private static function complaint(ContentLibrary $library, Fault $fault): array
    {
        $symptoms = array_values(array_filter($library->catalogue()->symptoms, static fn (Symptom $one): bool => $one->factor($fault) > 1.0));
        usort($symptoms, static fn (Symptom $one, Symptom $other): int => $other->factor($fault) <=> $one->factor($fault));

        return array_slice($symptoms, 0, 1);
    }

    /** @param  list<Symptom>  $symptoms */
    private function worked(ContentLibrary $library, FaultCase $case, Vehicle $sound, string $seed, bool $isNoticed, array $symptoms): Path
    {
        $evidence = $library->evidence()->of(new FaultCase('', '', '', $sound, []), new CaseKnowledge($isNoticed ? [] : self::COMPLAINED, lampTold: $isNoticed, symptoms: $symptoms));

        return (new AdviceFollower($evidence->simulator, $evidence->remedies, $evidence->adviser(120.0)))->work($case, $evidence->beginning(), $seed);
    }

    /** Among remedies given so much, so many should be right. */
    private function reliability(): void
    {
        foreach ([[0.0, 0.5], [0.5, 0.7], [0.7, 0.8], [0.8, 0.9], [0.9, 0.97], [0.97, 1.01]] as [$from, $to]) {
            $here = array_filter($this->ended, static fn (array $one): bool => $one[0] >= $from && $one[0] < $to);
            if ($here !== []) {
                $this->line(sprintf(
                    'given %3.0f to %3.0f %%: %3d, of which right %.0f %%', 100.0 * $from, 100.0 * min(1.0, $to), count($here),
                    100.0 * count(array_filter($here, static fn (array $one): bool => $one[1])) / count($here),
                ));
            }
        }
    }

    /** @param  list<int|float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values === [] ? 0.0 : (float) $values[intdiv(count($values), 2)];
    }
}
