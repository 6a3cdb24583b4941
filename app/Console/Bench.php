<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\ContentLibrary;
use App\Documents\JsonFile;
use Illuminate\Console\Command;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\ScopeInput;
use Lernfall\Chance\Draw;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Drive\Drive;
use Lernfall\Drive\Ground;
use Lernfall\Drive\Route;
use Lernfall\Drive\SpeedTrack;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Preview\Preview;
use Lernfall\Format\CaseDocument;
use Lernfall\Format\Script;
use Lernfall\Format\VehicleReader;
use Lernfall\Marking\Policy;
use Lernfall\Signal\Teeth;

/** Times the parts of the core that a person waits for. */
final class Bench extends Command
{
    protected $signature = 'bench';

    protected $description = 'Measure how much time of the processor readings, drives, previews and marks take, in the median';

    private const LEAST_SECONDS = 0.3;

    private const LONG_JOB_STEPS = 60;

    public function handle(ContentLibrary $library): int
    {
        $simulator = $library->simulator();
        $document = $library->caseReader()->read(JsonFile::read(base_path('examples/loom-open.case.json')));
        $script = Script::read(JsonFile::read(base_path('examples/loom-open.script.json')));
        $this->anew($library, $document, $script);
        $case = $document->case;
        $parked = $case->car('bench');
        $car = $simulator->predict($parked, new TurnKey(Ignition::Running))[0]->car;
        $job = $this->played($case, $script->seed, $script->actions, $simulator);
        $marker = $library->marker();
        $hypotheses = array_map(
            static fn ($fault): Car => Car::hypothesis($fault->applyTo($case->sound), $case->sound),
            $library->catalogue()->everyFault($case->sound),
        );
        $ohms = new Measure(MeterFunction::Ohms, 'FR.module-plug.wheel.1', 'FR.module-plug.wheel.2');

        $capture = new Capture([new ScopeInput('FR.module-plug.wheel.1', 'FR.module-plug.wheel.2', 0.05, false)], 0.02, 0, 0.0, true);
        $channel = $car->channel('FR');
        $this->time('one circuit solution', static fn () => LiveCircuit::of([$channel->id => $channel], $car->electrical())->solved());
        $this->time('one sweep of the scope, 2000 points, with its noise', static fn () => $simulator->perform($car, $capture, new Draw('bench')));
        $this->time('one meter reading on one car', static fn () => $simulator->predict($car, $ohms));
        $this->time('key on, all channels checked', static fn () => $simulator->predict($parked, new TurnKey(Ignition::On)));
        $this->time('a car comes in as its owner drove it', static fn () => $case->car('bench'));
        $this->time('a road test on one car', static fn () => $simulator->predict($car, new RoadTest));
        $this->time('the same recorded, ten samples a second', static fn () => $simulator->predict($car, new RecordDrive(Route::Usual, false)));
        $this->plotted($car);
        $this->time('a look at the lamps', static fn () => $simulator->predict($car, new LookAtLamps));
        $this->time(count($hypotheses).' hypotheses, one meter reading each', static fn () => array_map(static fn (Car $one): array => $simulator->predict($one, $ohms), $hypotheses));
        $this->time('the preview of a case', static fn () => Preview::of($case, $simulator));
        $this->time('a job of '.count($script->actions).' steps, folded', fn () => $this->played($case, $script->seed, $script->actions, $simulator));
        $this->time('its marks, suspects drawn up before', static fn () => $marker->mark($job, $document->policy, $document->knowledge));
        $this->evidence($library, $case, $job, $document->knowledge);
        $this->cars($library);
        $this->line(sprintf('memory at most %.1f MB', memory_get_peak_usage(true) / 1048576));

        return self::SUCCESS;
    }

    /** A long job of which nothing was followed, before anything else has been worked out. */
    private function anew(ContentLibrary $library, CaseDocument $document, Script $script): void
    {
        $actions = $script->actions;
        $last = array_splice($actions, -1);
        $long = [...array_pad($actions, self::LONG_JOB_STEPS - count($last), new LookAtLamps), ...$last];
        $job = $this->played($document->case, $script->seed, $long, $library->simulator());
        $before = self::cpuNanoseconds();
        $library->marker()->mark($job, $document->policy, $document->knowledge);
        $this->line(sprintf('%9.3f ms  a job of %d steps marked anew, suspects drawn up; memory at most %.1f MB', (self::cpuNanoseconds() - $before) / 1e6, count($job->steps), memory_get_peak_usage(true) / 1048576));
    }

    /** What evidence costs: a step over all hypotheses, and the value of every next test. */
    private function evidence(ContentLibrary $library, FaultCase $case, Job $job, CaseKnowledge $knowledge): void
    {
        $evidence = $library->evidence()->of($case, $knowledge);
        $set = $evidence->beginning();
        $taken = [];
        foreach ($job->steps as $step) {
            $before = self::cpuNanoseconds();
            $set = $set->after($step);
            $taken[] = (self::cpuNanoseconds() - $before) / 1e6;
            if ($step->action instanceof ReadCodes && $step->number < 6) {
                $this->time('the value of every next test once the codes are read', static fn () => $evidence->adviser(120.0)->on($set, $set->shown()));
            }
        }
        sort($taken);
        $this->line(sprintf('%9.3f ms  one step over %d suspects, in the median; %.0f ms at most', $taken[intdiv(count($taken), 2)], $evidence->hypotheses->count(), max([0.0, ...$taken])));
        $before = self::cpuNanoseconds();
        $library->solver(new Policy([], 48.0, 120.0, 0.1))->of($case, $knowledge);
        $this->line(sprintf('%9.3f ms  whether a case can be solved', (self::cpuNanoseconds() - $before) / 1e6));
    }

    /** How many faults each car could have, and what a step costs with all of them held open. */
    private function cars(ContentLibrary $library): void
    {
        foreach ($library->vehicles() as $id => $document) {
            $case = new FaultCase('', '', '', VehicleReader::read($document), []);
            $evidence = $library->evidence()->of($case, new CaseKnowledge);
            $set = $evidence->beginning();
            $job = Job::begin($case, 'bench');
            $taken = [];
            foreach ([new TurnKey(Ignition::Running), new ReadCodes, new RoadTest, new LookAtLamps] as $action) {
                $job = $job->do($action, $evidence->simulator);
                $before = self::cpuNanoseconds();
                $set = $set->after($job->steps[count($job->steps) - 1]);
                $taken[] = (self::cpuNanoseconds() - $before) / 1e6;
            }
            sort($taken);
            $this->line(sprintf('%9.3f ms  one step of %s over %d suspects, in the median; %.0f ms at most; memory at most %.1f MB', $taken[intdiv(count($taken), 2)], $id, $evidence->hypotheses->count(), max($taken), memory_get_peak_usage(true) / 1048576));
        }
    }

    /** All wheels of a minute's drive, a sample every ten milliseconds. */
    private function plotted(Car $car): void
    {
        $tracks = array_map(static function (string $id) use ($car): SpeedTrack {
            $channel = $car->channel($id);

            return new SpeedTrack((new SpeedReception($car))->whileDriving($channel, 0.0), Teeth::of($channel), $channel->place->side, $car->vehicle->tyre->rollingCircumferenceMetres());
        }, $car->vehicle->channelIds());
        $drive = Drive::over([16.5, [[Ground::Straight, 20.0], [Ground::LeftBend, 20.0]]]);
        $this->time(sprintf('a drive of %.0f s plotted, a sample every 10 ms', $drive->seconds()), static fn () => array_map(static fn (SpeedTrack $one): array => $one->over($drive, 0.01), $tracks));
    }

    /** @param  list<Action>  $actions */
    private function played(FaultCase $case, string $seed, array $actions, Simulator $simulator): Job
    {
        $job = Job::begin($case, $seed);
        foreach ($actions as $action) {
            $job = $job->do($action, $simulator);
        }

        return $job;
    }

    private function time(string $what, callable $work): void
    {
        $work();
        $taken = [];
        $start = hrtime(true);
        do {
            $before = self::cpuNanoseconds();
            $work();
            $taken[] = self::cpuNanoseconds() - $before;
        } while (hrtime(true) - $start < self::LEAST_SECONDS * 1e9);
        sort($taken);
        $this->line(sprintf('%9.3f ms  %s', $taken[intdiv(count($taken), 2)] / 1e6, $what));
    }

    /** Time of the processor, so that what runs beside it does not count. */
    private static function cpuNanoseconds(): float
    {
        $usage = getrusage();

        return $usage === false ? (float) hrtime(true) : 1e9 * ($usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec']) + 1e3 * ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']);
    }
}
