<?php

declare(strict_types=1);

namespace Lernfall\Marking\Mistake;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Marking\RepairReview;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;

/** The module was renewed because an open plug showed no supply, and it was not the module. */
final readonly class ModuleForOpenPlug implements Mistake
{
    public function id(): string
    {
        return 'module-for-open-plug';
    }

    /** @param  list<RepairReview>  $reviews */
    public function step(Job $job, array $reviews): ?int
    {
        foreach ($reviews as $review) {
            if ($review->repair?->kind === RepairKind::ReplaceModule && ! $review->isRight && $this->hasMeasuredOpenPlug($job, $review->step)) {
                return $review->step;
            }
        }

        return null;
    }

    private function hasMeasuredOpenPlug(Job $job, int $before): bool
    {
        foreach ($job->stepsOf(Measure::class) as $step) {
            $pad = $step->action instanceof Measure ? Pads::find($job->case->sound, $step->action->first) : null;
            if ($step->number < $before && $pad !== null && $pad->onPlug && $pad->side === PadSide::Module
                && $step->action->function === MeterFunction::VoltsDc
                && $step->before->state->isOpen($job->case->sound->channel($pad->channel)->plug($pad->plugName)->plugId)) {
                return true;
            }
        }

        return false;
    }
}
