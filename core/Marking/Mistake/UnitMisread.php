<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Bay\Worksheet\WrittenUnit;
use Lernfall\Marking\RepairReview;

/** A value was written down wrong by a power of ten. */
final readonly class UnitMisread implements Mistake
{
    public function id(): string
    {
        return 'unit-misread';
    }

    private const NEARLY = 0.05;

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->stepsOf(WriteReading::class) as $step) {
            $written = $step->action;
            $shown = $written instanceof WriteReading ? $job->step($written->of)?->observation->number($written->feature) : null;
            $unit = $written instanceof WriteReading ? WrittenUnit::tryFrom($written->unit) : null;
            if ($shown === null || $shown->overload || $unit === null || $written->value === null || $shown->si * $written->value <= 0.0) {
                continue;
            }
            $power = log10($unit->si($written->value) / $shown->si);
            if (round($power) !== 0.0 && abs($power - round($power)) < self::NEARLY) {
                return $step->number;
            }
        }

        return null;
    }
}
