<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\ContentLibrary;
use App\Documents\JsonFile;
use Illuminate\Console\Command;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\BrakingWork;
use Lernfall\Bay\ClosedGround\DriveMemory;
use Lernfall\Bay\ClosedGround\DriveOutcome;
use Lernfall\Bay\ClosedGround\Driver;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\KnownDrives;
use Lernfall\Bay\ClosedGround\PullAway;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Format\Script;
use Lernfall\Format\VehicleReader;
use Lernfall\Road\Corners;
use Lernfall\Vehicle\Vehicle;

/** Times drives on closed ground: one of each, and what they cost as evidence. */
final class BenchRoad extends Command
{
    /** The cars are taken in so many parts, mixed: by how much the time of each adds, how it grows with their number. */
    private const PARTS = 4;

    protected $signature = 'bench:road {--vehicle= : one of them only}';

    protected $description = 'Measure what drives on closed ground cost: alone, over all cars there could be, and in marks';

    public function handle(ContentLibrary $library): int
    {
        foreach ($library->vehicles() as $id => $document) {
            $sound = VehicleReader::read($document);
            if (Corners::of($sound) !== null && in_array($this->option('vehicle'), [null, $id], true)) {
                $this->stops((string) $id, $sound, $library->simulator());
                $this->evidence((string) $id, $sound, $library);
            }
        }
        foreach (['locks-on-the-road', 'false-control', 'traction-dead'] as $name) {
            $this->marked($library, $name);
        }
        $this->line(sprintf('memory at most %.1f MB', memory_get_peak_usage(true) / 1048576));

        return self::SUCCESS;
    }

    /** One hard stop on each ground, as it is recorded. */
    private function stops(string $id, Vehicle $sound, Simulator $simulator): void
    {
        $driver = $simulator->workshop->equipment(Driver::class);
        $car = Branch::likeliest($simulator->predict(Car::hypothesis($sound, $sound), new TurnKey(Ignition::Running)))->car;
        $corners = Corners::of($sound);
        assert($corners !== null);
        foreach (Footing::cases() as $footing) {
            $speed = min(40, $footing->mostKilometresPerHour());
            $task = $driver->stop(new StopHere($footing, $speed));
            $work = new BrakingWork($car, $corners);
            $before = self::cpuSeconds();
            $record = $work->record($task);
            $this->line(sprintf('%9.3f ms  %s: a hard stop from %d km/h, %s, %.1f s on the road, %.1f m', 1e3 * (self::cpuSeconds() - $before), $id, $speed, $footing->value, count($record->seconds) * $record->tickSeconds, $record->stopMetres()));
        }
    }

    /** What the drives cost over all cars that could be there, and how many of those differ. */
    private function evidence(string $id, Vehicle $sound, ContentLibrary $library): void
    {
        $known = new class implements KnownDrives
        {
            public int $kept = 0;

            public function find(string $group, string $key): ?DriveOutcome
            {
                return null;
            }

            public function keep(string $group, string $key, DriveOutcome $outcome): void
            {
                $this->kept++;
            }

            public function usual(string $key): ?float
            {
                return null;
            }

            public function keepUsual(string $key, float $figure): void
            {
            }
        };
        $evidence = $library->evidence()->of(new FaultCase('', '', '', $sound, []), new CaseKnowledge);
        $simulator = $evidence->simulator->in($evidence->simulator->workshop->exchanging(DriveMemory::behind($known)));
        $cars = array_map(static fn ($one): Car => Branch::likeliest($simulator->predict($one->car, new TurnKey(Ignition::Running)))->car, $evidence->hypotheses->all);
        foreach ([new StopHere(Footing::Dry, 40), new StopHere(Footing::Dry, 20, false), new StopHere(Footing::Ice, 20), new PullAway(Footing::IceLeft)] as $drive) {
            $before = $known->kept;
            $cold = 0.0;
            $grown = [];
            foreach (range(0, self::PARTS - 1) as $part) {
                $cold += $this->over(array_values(array_filter($cars, static fn (int $number): bool => $number % self::PARTS === $part, ARRAY_FILTER_USE_KEY)), $drive, $simulator);
                $grown[] = sprintf('%.1f', $cold);
            }
            $this->line(sprintf('%9.1f s   %s: %s over %d cars, of which %d differ; %.1f s once they are known; after each quarter of the cars %s s', $cold, $id, $drive->question(), count($cars), $known->kept - $before, $this->over($cars, $drive, $simulator), implode(', ', $grown)));
        }
    }

    /**
     * @param  list<Car>  $cars
     * @return float seconds of the processor
     */
    private function over(array $cars, CarAction $drive, Simulator $simulator): float
    {
        $before = self::cpuSeconds();
        foreach ($cars as $car) {
            $simulator->predict($car, $drive);
        }

        return self::cpuSeconds() - $before;
    }

    /** A job with drives in it, marked before anything of it was followed. */
    private function marked(ContentLibrary $library, string $name): void
    {
        $document = $library->caseReader()->read(JsonFile::read(base_path("examples/$name.case.json")));
        $script = Script::read(JsonFile::read(base_path("examples/$name.script.json")));
        $job = Job::begin($document->case, $script->seed);
        foreach ($script->actions as $action) {
            $job = $job->do($action, $library->simulator());
        }
        $before = self::cpuSeconds();
        $library->marker()->mark($job, $document->policy, $document->knowledge);
        $this->line(sprintf('%9.1f s   a job with drives marked anew: %s, %d steps', self::cpuSeconds() - $before, $name, count($job->steps)));
    }

    private static function cpuSeconds(): float
    {
        $usage = getrusage();

        return $usage === false ? hrtime(true) / 1e9 : $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + 1e-6 * ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']);
    }
}
