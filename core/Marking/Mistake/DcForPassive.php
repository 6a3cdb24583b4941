<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Marking\RepairReview;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;

/** A turning passive sensor was measured on direct volts. */
final readonly class DcForPassive implements Mistake
{
    public function id(): string
    {
        return 'dc-for-passive';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($job->stepsOf(Measure::class) as $step) {
            $action = $step->action;
            $pad = $action instanceof Measure && $action->function === MeterFunction::VoltsDc ? Pads::find($job->case->sound, $action->first) : null;
            if ($pad !== null && $pad->onPlug && $pad->side === PadSide::Wheel && $step->before->state->wheels->turnsOf($pad->channel) !== 0.0
                && $job->case->sound->channel($pad->channel)->sensor->isActive() === false
                && $step->before->state->isOpen($job->case->sound->channel($pad->channel)->plug($pad->plugName)->plugId)) {
                return $step->number;
            }
        }

        return null;
    }
}
