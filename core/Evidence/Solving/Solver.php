<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

use Closure;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Advice\Outcomes;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\CaseEvidence;
use Lernfall\Evidence\EvidenceFactory;
use Lernfall\Evidence\Preview\Visibility;
use Lernfall\Fault\Fault;

/** Works a case with its own advice, and looks which other faults no test tells from it. */
final readonly class Solver
{
    /** Cars the case is worked on: parts scatter, and eyes overlook. */
    private const SEEDS = ['solve-1', 'solve-2', 'solve-3'];

    /** Rivals less likely than this after the codes are not open any more. */
    private const OPEN_FROM = 0.001;

    private const RIVALS = 60;

    /** Outcomes that two cars share with less than this chance tell them apart. */
    private const SHARED = 0.5;

    public function __construct(private EvidenceFactory $evidence, private float $needless, private bool $demandsReading = false)
    {
    }

    /** @param  ?Closure(int, int): void  $progress  told how much is done, and of how much */
    public function of(FaultCase $case, CaseKnowledge $knowledge, ?Closure $progress = null): Solvability
    {
        $progress ??= static function (int $done, int $of): void {
        };
        $evidence = $this->evidence->of($case, $knowledge);
        $paths = [];
        foreach (self::SEEDS as $done => $seed) {
            $progress($done, count(self::SEEDS) + 1);
            $paths[] = $evidence->path($seed, $this->needless, $this->demandsReading);
        }
        $progress(count(self::SEEDS), count(self::SEEDS) + 1);

        return $this->compared($case, $evidence, $paths);
    }

    /**
     * The quickest right way on these cars; null where most do not come to the right repair. One more is worked only where it decides.
     *
     * @param  float  $mostMinutes  of diagnosis, after which a way is given up
     */
    public function par(FaultCase $case, CaseKnowledge $knowledge, float $mostMinutes = INF): ?Par
    {
        $evidence = $this->evidence->of($case, $knowledge);
        $right = [];
        foreach (self::SEEDS as $done => $seed) {
            if (2 * count($right) > count(self::SEEDS) || 2 * ($done - count($right)) > count(self::SEEDS)) {
                break;
            }
            $path = $evidence->path($seed, $this->needless, $this->demandsReading, $mostMinutes);
            array_push($right, ...($path->isRight() ? [new Par($path->minutes(), count($path->tests))] : []));
        }
        usort($right, static fn (Par $one, Par $other): int => $one->minutes <=> $other->minutes);

        return 2 * count($right) > count(self::SEEDS) ? $right[0] ?? null : null;
    }

    /** @param  non-empty-list<Path>  $paths */
    private function compared(FaultCase $case, CaseEvidence $evidence, array $paths): Solvability
    {
        $first = $evidence->beginning();
        foreach (array_slice($paths[0]->job->steps, 0, count(AdviceFollower::firstLook($case->sound))) as $step) {
            $first = $first->after($step);
        }
        $truth = $this->looked($case, $evidence->simulator);
        $needed = $evidence->remedies->name($truth);
        $posterior = RepairPosterior::of($first, $first->shown(), $evidence->remedies);
        $rivals = [];
        foreach ($posterior->cars as $index => $car) {
            if ($posterior->chances[$index] >= self::OPEN_FROM && $posterior->remedies[$index] !== $needed && count($rivals) < self::RIVALS) {
                $rivals[$evidence->hypotheses->all[$posterior->hypotheses[$index]]->name()] = $car;
            }
        }
        $sound = $first->sound()->car;
        $apart = $this->toldApart((new Trials($evidence->simulator))->on($case->sound, $truth->state), $truth, $rivals + ['' => $sound], $sound, new Outcomes($evidence->simulator));

        $together = array_values(array_diff(array_keys($rivals), $apart));

        return new Solvability(
            $paths, $needed, $posterior->byRemedy()[$needed] ?? 0.0, array_values(array_diff($apart, [''])), $together,
            ! in_array('', $apart, true), $this->tools($case, $truth, array_intersect_key($rivals, array_flip($together)), $sound), $this->silent($case),
        );
    }

    /** @return list<string> its faults that do not show on this car, by kind and place */
    private function silent(FaultCase $case): array
    {
        return array_map(static fn (Fault $fault): string => "{$fault->kind->id}@$fault->channel", (new Visibility($case->equips($this->evidence->simulator)))->silent($case->sound, $case->faults));
    }

    /**
     * @param  array<string, Car>  $together  hypotheses that no test tells from the true car, by name
     * @return array<string, list<string>> which of them one withheld tool alone would tell apart, by tool
     */
    private function tools(FaultCase $case, Car $truth, array $together, Car $sound): array
    {
        $tools = [];
        foreach ($together === [] ? [] : $case->withheld as $tool) {
            $equipped = $case->withTool($tool)->equips($this->evidence->simulator);
            $apart = $this->toldApart((new Trials($equipped))->on($case->sound, $truth->state), $truth, $together, $sound, new Outcomes($equipped));
            if ($apart !== []) {
                $tools[$tool] = $apart;
            }
        }

        return $tools;
    }

    /** The car of the case after the first look. */
    private function looked(FaultCase $case, Simulator $simulator): Car
    {
        $car = CustomerHistory::of(Car::hypothesis($case->faultyVehicle(), $case->sound));
        foreach (AdviceFollower::firstLook($case->sound) as $action) {
            $car = Branch::likeliest($simulator->predict($car, $action))->car;
        }

        return $car;
    }

    /**
     * @param  list<Trial>  $trials
     * @param  array<string, Car>  $rivals  by name
     * @return list<string> those that some trial tells from the true car
     */
    private function toldApart(array $trials, Car $truth, array $rivals, Car $sound, Outcomes $outcomes): array
    {
        $apart = [];
        foreach ($trials as $trial) {
            $open = array_diff_key($rivals, $apart);
            $cars = [$truth, ...array_values($open)];
            if ($open === [] || $outcomes->isAlike($trial, $cars)) {
                continue;
            }
            $shown = $outcomes->of($trial, $cars, array_fill(0, count($cars), false), $sound);
            foreach (array_keys($open) as $index => $name) {
                $shared = 0.0;
                foreach ($shown[0] as $outcome => $chance) {
                    $shared += min($chance, $shown[$index + 1][$outcome] ?? 0.0);
                }
                if ($shared < self::SHARED) {
                    $apart[$name] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($apart));
    }
}
