<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\Conclude;
use Lernfall\Bay\Worksheet\HandOver;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Fault\Fault;

/** A job closed without every repair: the car goes on to somebody who is to make what its named causes call for. */
final readonly class HandedOver
{
    /** @param  list<Repair>  $repairs  that the causes on the card call for and nobody made; none where no cause was named */
    private function __construct(public int $step, public HandOver $how, public array $repairs)
    {
    }

    /** Null where the car went back to its owner. */
    public static function in(Job $job, Hypotheses $hypotheses, Remedies $remedies): ?self
    {
        $last = $job->lastStep();
        if (! $last?->action instanceof Conclude || $last->action->handOver === null) {
            return null;
        }
        $made = array_map(static fn (Step $step): string => $step->action instanceof Repair ? Remedies::key($step->action) : '', Decisions::repairs($job));
        $asked = [];
        foreach ($job->entries(NameCause::class) as $step) {
            foreach ($step->action instanceof NameCause ? self::calledFor($step->action, $hypotheses, $remedies) : [] as $repair) {
                $asked[Remedies::key($repair)] = $repair;
            }
        }

        return new self($last->number, $last->action->handOver, array_values(array_diff_key($asked, array_flip($made))));
    }

    /**
     * What puts a car right that has just this.
     *
     * @return list<Repair>
     */
    private static function calledFor(NameCause $cause, Hypotheses $hypotheses, Remedies $remedies): array
    {
        foreach ($hypotheses->all as $one) {
            if (self::isNamed($one, $cause)) {
                return $remedies->of($one->car) ?? [];
            }
        }

        return [];
    }

    private static function isNamed(Hypothesis $one, NameCause $cause): bool
    {
        $fault = count($one->faults) === 1 ? $one->faults[0] : null;

        return $fault instanceof Fault && $fault->channel === $cause->channel && $fault->kind->station === $cause->station && $fault->kind->defect === $cause->defect;
    }
}
