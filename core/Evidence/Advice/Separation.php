<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\HypothesisBranch;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Weighing;

/**
 * Whether a reading separates: by prediction, it differs beyond spread between a fault that a repair would mend and another
 * one at the same place that it would leave, and what was shown fits the first.
 */
final readonly class Separation
{
    public function __construct(private Hypotheses $hypotheses, private Weighing $weighing, private Simulator $simulator, private Remedies $remedies)
    {
    }

    /** @return list<Step> the writing steps before the repair that separate, whether read rightly or not */
    public function supporting(Job $job, Step $repair): array
    {
        if (! $repair->action instanceof Repair) {
            return [];
        }
        $supporting = [];
        $sides = $this->sides($job, $repair->number, $repair->action);
        foreach ($job->stepsOf(WriteReading::class) as $written) {
            $action = $written->action;
            $shown = $action instanceof WriteReading ? $job->step($action->of) : null;
            if ($written->number < $repair->number && $shown !== null && self::isReading($shown, $repair->action) && $sides->areParted($shown->number, $action->feature, $shown->observation)) {
                $supporting[] = $written;
            }
        }

        return $supporting;
    }

    /** Whether anything shown so far would carry this repair, once it is written down. */
    public function isShown(Job $job, Repair $repair): bool
    {
        $sides = $this->sides($job, count($job->steps) + 1, $repair);
        foreach ($job->steps as $step) {
            foreach (self::isReading($step, $repair) ? array_keys($step->observation->values) : [] as $feature) {
                if ($sides->areParted($step->number, (string) $feature, $step->observation)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Lamps and codes are what a car comes with: they name a circuit, not a part. For the lamps themselves a look at them is the reading. */
    private static function isReading(Step $step, Repair $repair): bool
    {
        return CodesShown::at($step) === null && (! $step->action instanceof LookAtLamps || $repair->kind->stations() === ['lamps']);
    }

    /** The faults of the place a repair concerns as they stand before a step, everything having been done to them as well. */
    public function sides(Job $job, int $before, Repair $repair): RepairPartition
    {
        $last = $job->step($before - 1);

        return $last === null ? $this->parted($job, $before, $repair) : Memo::with($last, 'sides of '.Remedies::key($repair).' '.spl_object_id($this->hypotheses), fn (): RepairPartition => $this->parted($job, $before, $repair));
    }

    private function parted(Job $job, int $before, Repair $repair): RepairPartition
    {
        $set = HypothesisSet::of($this->hypotheses->aloneAt($repair->kind->concerns($repair->channel, $job->case->sound)), $this->weighing, $this->simulator, rulesOut: false);
        foreach (array_slice($job->steps, 0, $before - 1) as $step) {
            $set = $set->after($step);
        }
        $ways = $set->likeliest();
        unset($ways[0]); // the sound car has nothing to be mended
        $weight = static fn (HypothesisBranch $way): float => $way->weight() + log($set->hypotheses->all[$way->hypothesis]->prior);
        usort($ways, static fn (HypothesisBranch $one, HypothesisBranch $other): int => $weight($other) <=> $weight($one));
        $left = array_values(array_filter($ways, fn (HypothesisBranch $way): bool => ! $this->remedies->helps($way->car, $repair)));
        $shares = array_map(static fn (HypothesisBranch $way): float => exp($weight($way) - $weight($left[0])), $left);
        $sum = array_sum($shares);

        return new RepairPartition(
            array_values(array_filter($ways, fn (HypothesisBranch $way): bool => $this->remedies->helps($way->car, $repair))),
            $left,
            array_map(static fn (float $share): float => $share / $sum, $shares),
        );
    }
}
