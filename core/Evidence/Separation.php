<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Action\Repair;
use Lernfall\Bay\Action\WriteReading;
use Lernfall\Bay\Arrival;
use Lernfall\Bay\Car;
use Lernfall\Bay\Job;
use Lernfall\Bay\Simulator;
use Lernfall\Bay\Step;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;

/**
 * Whether a written reading separates: by prediction, it differs beyond spread between a fault that the repaired part
 * holds and one that another part of the same channel holds, and what was shown fits the first.
 */
final readonly class Separation
{
    public function __construct(private Simulator $simulator, private Catalogue $catalogue)
    {
    }

    /** @return list<Step> the writing steps before the repair that separate, whether read rightly or not */
    public function supporting(Job $job, Step $repair): array
    {
        $written = array_values(array_filter(
            $job->stepsOf(WriteReading::class),
            static fn (Step $step): bool => $step->number < $repair->number,
        ));
        if ($written === [] || ! $repair->action instanceof Repair) {
            return [];
        }
        [$held, $others] = $this->hypotheses($job, $repair, $repair->action);

        return array_values(array_filter($written, fn (Step $step): bool => $this->separates($job, $step, $held, $others)));
    }

    /**
     * @param  list<Hypothesis>  $held
     * @param  list<Hypothesis>  $others
     */
    private function separates(Job $job, Step $written, array $held, array $others): bool
    {
        $write = $written->action;
        $shown = $write instanceof WriteReading ? $job->step($write->of) : null;
        if ($shown === null) {
            return false;
        }
        foreach ($held as $one) {
            $likely = $one->at($shown->number)?->features[$write->feature] ?? null;
            if ($likely === null || ! Apart::fits($likely, $shown->observation, $write->feature)) {
                continue;
            }
            foreach ($others as $other) {
                $rival = $other->at($shown->number)?->features[$write->feature] ?? null;
                if ($rival !== null && Apart::predictions($likely, $rival) && ! Apart::fits($rival, $shown->observation, $write->feature)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{list<Hypothesis>, list<Hypothesis>} those whose fault the part holds, and the rest of the channel */
    private function hypotheses(Job $job, Step $repair, Repair $action): array
    {
        $before = array_slice($job->steps, 0, $repair->number - 1);
        $sound = $job->case->sound;
        $held = [];
        $others = [];
        foreach ($this->faultsAt($job, $action->kind->concerns($action->channel, $sound)) as $fault) {
            $hypothesis = Hypothesis::through($before, $fault, Arrival::of(Car::hypothesis($fault->applyTo($sound), $sound)), $this->simulator);
            if ($this->isRemoved($hypothesis, $action)) {
                $held[] = $hypothesis;
            } else {
                $others[] = $hypothesis;
            }
        }

        return [$held, $others];
    }

    /** Whether this repair would put the car with this fault in order, found by trying it. */
    private function isRemoved(Hypothesis $hypothesis, Repair $repair): bool
    {
        $repaired = $this->simulator->predict($hypothesis->car, $repair)[0]->car->vehicle;

        return $hypothesis->car->vehicle != $hypothesis->car->sound && $repaired == $hypothesis->car->sound;
    }

    /**
     * @param  list<string>  $places
     * @return list<Fault>
     */
    private function faultsAt(Job $job, array $places): array
    {
        return array_values(array_filter(
            $this->catalogue->everyFault($job->case->sound),
            static fn (Fault $fault): bool => in_array($fault->channel, $places, true),
        ));
    }
}
