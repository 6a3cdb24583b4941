<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Outcomes;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\Belief\HypothesisSet;

/** Where every repair has to rest on a reading that separates: the test that would give one at least cost. */
final readonly class ReadingFirst
{
    /** Rivals are looked for among so many of the likeliest cars. */
    private const AMONG = 60;

    /** A test that tells less than this chance of them from what is mended tells nothing. */
    private const LEAST = 0.01;

    private Trials $trials;

    private Outcomes $outcomes;

    public function __construct(private Separation $separation, Simulator $simulator)
    {
        $this->trials = new Trials($simulator);
        $this->outcomes = new Outcomes($simulator);
    }

    /**
     * @param  list<Trial>  $made  tests that need not be made again
     * @return ?Trial null where a reading carries every repair that is advised, or where no test would give one
     */
    public function missing(Job $job, HypothesisSet $set, Advice $advice, array $made = []): ?Trial
    {
        $made = array_map(self::name(...), $made); // by name: the same question may be put while something else is moved
        foreach ($advice->repairs->repairs($advice->remedy) as $repair) {
            $trial = $this->isShown($job, $set, $repair) ? null : $this->best($job->car, $advice->repairs, $repair, $made);
            if ($trial !== null) {
                return $trial;
            }
        }

        return null;
    }

    /** Whether some test on this car, as it stands, would tell what a repair mends from what it would leave. */
    public function isPossible(Car $car, RepairPosterior $repairs, Repair $repair): bool
    {
        return $this->best($car, $repairs, $repair, []) !== null;
    }

    /** Whether what was shown so far would carry this repair, once it is written down. */
    private function isShown(Job $job, HypothesisSet $set, Repair $repair): bool
    {
        $shown = [];
        $steps = [];
        foreach ($job->steps as $step) {
            $steps[$step->number] = $step;
            if ($step->observation->values !== []) {
                $shown[$step->number] = $step->observation;
            }
        }

        return $this->separation->of($repair, $set, $shown, $steps)->share >= 1.0;
    }

    /** @param  list<string>  $made  names */
    private function best(Car $car, RepairPosterior $repairs, Repair $repair, array $made): ?Trial
    {
        $best = null;
        $most = 0.0;
        $foremost = $repairs->foremost(self::AMONG);
        foreach ($this->trials->on($car->sound, $car->state) as $trial) {
            $perCost = in_array(self::name($trial), $made, true) ? 0.0 : $this->parted($trial, $foremost, $repair) / $trial->cost;
            if ($perCost > $most) {
                [$best, $most] = [$trial, $perCost];
            }
        }

        return $best;
    }

    private static function name(Trial $trial): string
    {
        return "$trial->id $trial->place";
    }

    /** The chance of all that the repair would leave, as far as it shows something else there than what it would mend. */
    private function parted(Trial $trial, RepairPosterior $repairs, Repair $repair): float
    {
        $helped = array_map(static fn ($car): bool => $repairs->isHelped($car, $repair), $repairs->cars);
        if (! in_array(true, $helped, true) || ! self::canBeWritten($trial)) {
            return 0.0;
        }
        $outcomes = $this->outcomes->of($trial, $repairs->cars, $repairs->graded, $repairs->cars[0]);
        $mended = [];
        foreach ($outcomes as $index => $chances) {
            foreach ($helped[$index] ? $chances : [] as $outcome => $chance) {
                $mended[$outcome] = ($mended[$outcome] ?? 0.0) + $chance * $repairs->chances[$index];
            }
        }
        $sum = array_sum($mended);
        $parted = 0.0;
        foreach ($outcomes as $index => $chances) {
            $shared = 0.0;
            foreach ($chances as $outcome => $chance) {
                $shared += min($chance, ($mended[$outcome] ?? 0.0) / $sum);
            }
            $parted += $helped[$index] ? 0.0 : max(0.0, 1.0 - $shared) * $repairs->chances[$index];
        }

        return $parted < self::LEAST ? 0.0 : $parted;
    }

    /** Codes are no reading. */
    private static function canBeWritten(Trial $trial): bool
    {
        return array_filter($trial->looks, static fn (CarAction $look): bool => $look instanceof ReadCodes || $look instanceof WatchLamp || $look instanceof CyclePower) === [];
    }
}
