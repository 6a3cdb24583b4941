<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Outcomes;
use Lernfall\Evidence\Advice\RepairPartition;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\Belief\Distinguishability;

/** Where every repair has to rest on a reading that separates: the test that would give one at least cost. */
final readonly class ReadingFirst
{
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
    public function missing(Job $job, Advice $advice, array $made = []): ?Trial
    {
        $made = array_map(self::name(...), $made); // by name: the same question may be put while something else is moved
        foreach ($advice->repairs->repairs($advice->remedy) as $repair) {
            $trial = $this->separation->isShown($job, $repair) ? null : $this->best($job, $repair, $made);
            if ($trial !== null) {
                return $trial;
            }
        }

        return null;
    }

    /** @param  list<string>  $made  names */
    private function best(Job $job, Repair $repair, array $made): ?Trial
    {
        $sides = $this->separation->sides($job, count($job->steps) + 1, $repair);
        $best = null;
        $most = 0.0;
        foreach ($this->trials->on($job->case->sound, $job->car->state) as $trial) {
            $perCost = in_array(self::name($trial), $made, true) ? 0.0 : $this->parted($trial, $sides) / $trial->cost;
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

    /** The share of the faults the repair would leave that show something else there than the likeliest it would mend. */
    private function parted(Trial $trial, RepairPartition $sides): float
    {
        if ($sides->mended === []) {
            return 0.0;
        }
        $mended = $this->outcomes->answer($trial, $sides->mended[0]->car);
        $parted = 0.0;
        foreach ($sides->left as $index => $other) {
            $parted += $this->differ($trial, $mended, $this->outcomes->answer($trial, $other->car)) ? $sides->shares[$index] : 0.0;
        }

        return $parted;
    }

    /** Whether the predictions differ in something that can be written as a reading: codes and traces are left aside. */
    private function differ(Trial $trial, Prediction $one, Prediction $other): bool
    {
        foreach ($trial->features as $name) {
            $feature = $one->features[$name] ?? null;
            $rival = $other->features[$name] ?? null;
            if (($feature instanceof NumberFeature || $feature instanceof CategoryFeature) && $rival !== null && Distinguishability::predictions($feature, $rival)) {
                return true;
            }
        }

        return false;
    }
}
