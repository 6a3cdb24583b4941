<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Action\Action;
use Lernfall\Bay\Action\ClearCodes;
use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\Repair;
use Lernfall\Bay\Action\RoadTest;
use Lernfall\Bay\Job;
use Lernfall\Bay\Step;
use Lernfall\Drive\Route;
use Lernfall\Fault\Fault;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Verdict;

/** After the repair, or the finding that none is needed, the codes were cleared, the car was driven, and the codes were read again and stayed away. */
final readonly class Proof implements Criterion
{
    public function id(): string
    {
        return 'proof';
    }

    public function judge(Job $job): Verdict
    {
        $repairs = array_filter($job->stepsOf(Repair::class), static fn (Step $step): bool => $step->wasDone());
        if ($repairs === [] && $job->car->vehicle != $job->case->sound) {
            return new Verdict(0.0, null, 'mark.proof.no-repair', [], 'mark.proof.remedy');
        }
        $cleared = $this->next($job, ClearCodes::class, max([0, ...array_values(array_map(static fn (Step $step): int => $step->number, $repairs))]));
        $driven = $cleared === null ? null : $this->driven($job, $cleared->number);
        $read = $driven === null ? null : $this->next($job, ReadCodes::class, $driven->number);

        return match (true) {
            $cleared === null => new Verdict(0.0, null, 'mark.proof.not-cleared', [], 'mark.proof.remedy'),
            $driven === null => $this->notDriven($job, $cleared),
            $read === null => new Verdict(2.0 / 3.0, $driven->number, 'mark.proof.not-read-again', [], 'mark.proof.remedy'),
            in_array('present', $this->lastRead($job, $read)->observation->values, true) => new Verdict(0.0, $this->lastRead($job, $read)->number, 'mark.proof.ignored', [], 'mark.proof.believe'),
            default => new Verdict(1.0, $read->number, 'mark.proof.complete'),
        };
    }

    private function notDriven(Job $job, Step $cleared): Verdict
    {
        $otherwise = $this->next($job, RoadTest::class, $cleared->number);

        return $otherwise === null
            ? new Verdict(1.0 / 3.0, $cleared->number, 'mark.proof.not-driven', [], 'mark.proof.remedy')
            : new Verdict(1.0 / 3.0, $otherwise->number, 'mark.proof.driven-otherwise', [], 'mark.proof.drive-as-failed');
    }

    /** A drive on which every fault of the case could have come back. */
    private function driven(Job $job, int $after): ?Step
    {
        foreach ($job->stepsOf(RoadTest::class) as $step) {
            $route = $step->action instanceof RoadTest ? $step->action->route : Route::Straight;
            $unseen = array_filter($job->case->faults, static fn (Fault $fault): bool => $fault->provokedBy !== null && ! $route->provokes($fault->provokedBy));
            if ($step->number > $after && $step->wasDone() && $unseen === []) {
                return $step;
            }
        }

        return null;
    }

    /** @param  class-string<Action>  $action */
    private function next(Job $job, string $action, int $after): ?Step
    {
        foreach ($job->stepsOf($action) as $step) {
            if ($step->number > $after && $step->wasDone() && $step->observation->word('answer') !== 'no') {
                return $step;
            }
        }

        return null;
    }

    private function lastRead(Job $job, Step $first): Step
    {
        $last = $first;
        foreach ($job->stepsOf(ReadCodes::class) as $step) {
            if ($step->number > $last->number && $step->observation->word('answer') === 'yes') {
                $last = $step;
            }
        }

        return $last;
    }
}
