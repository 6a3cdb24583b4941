<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Marking\School\CorrodedPlug;

/** Sound sensors renewed together with the cleaning of their plug: where a policy takes both for one repair, they are not judged by themselves. */
final readonly class RenewedWithPlug
{
    /** @return list<int> numbers of the steps that renewed them; none by the other school */
    public static function in(Job $job, CorrodedPlug $school): array
    {
        if ($school === CorrodedPlug::Clean) {
            return [];
        }
        $at = static fn (RepairKind $kind): array => array_filter(
            $job->stepsOf(Repair::class),
            static fn (Step $step): bool => $step->wasDone() && $step->action instanceof Repair && $step->action->kind === $kind,
        );
        $cleaned = array_map(static fn (Step $step): string => $step->action instanceof Repair ? $step->action->channel : '', $at(RepairKind::CleanPlug));

        return array_values(array_map(
            static fn (Step $step): int => $step->number,
            array_filter($at(RepairKind::ReplaceSensor), static fn (Step $step): bool => $step->action instanceof Repair && in_array($step->action->channel, $cleaned, true)
                && $step->before->own()->vehicle == $step->after->vehicle),
        ));
    }
}
