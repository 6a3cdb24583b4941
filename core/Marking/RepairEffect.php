<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\Remedies;

/**
 * Whether a repair had something to mend. One that finds it mended already (a contact wiped by opening its plug) counts as
 * if it had, unless the same repair was made before.
 */
final readonly class RepairEffect
{
    public function __construct(private Remedies $remedies)
    {
    }

    public function hasMended(Job $job, Step $step): bool
    {
        if (Incoming::left($step->before) != Incoming::left($step->after)) {
            return true;
        }
        $again = array_filter($job->stepsOf(Repair::class), static fn (Step $one): bool => $one->number < $step->number && $one->wasDone() && $one->action == $step->action);

        return $again === [] && $step->action instanceof Repair
            && $this->remedies->changes($step->before, $step->action);
    }
}
