<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Marking\CodedAtFirst;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Verdict;

/** The codes were read and written down before they were cleared and before anything was repaired, and none was passed over. */
final readonly class CodesBeforeClearing implements Criterion
{
    /** Of the points, for noting down something that was not shown. */
    private const WRONG_ENTRY_FACTOR = 0.5;

    /** Of the points, where a corner with a code of its own was never looked into. */
    private const PASSED_OVER_FACTOR = 0.5;

    public function id(): string
    {
        return 'codes';
    }

    public function judge(Job $job): Verdict
    {
        $limit = $this->limit($job);
        $read = array_values(array_filter(
            $job->steps,
            static fn (Step $step): bool => $step->number < $limit && CodesShown::at($step) !== null,
        ));
        if ($read === []) {
            return new Verdict(0.0, $limit <= count($job->steps) ? $limit : null, 'mark.codes.not-read', [], 'mark.codes.remedy');
        }

        $verdict = $this->compared($job, $read[count($read) - 1], $job->entries(WriteCode::class, $limit));
        $passed = $job->isConcluded() ? (new CodedAtFirst($job))->unaccounted() : [];

        return $passed === [] || $verdict->share === 0.0
            ? $verdict
            : new Verdict(self::PASSED_OVER_FACTOR * $verdict->share, $verdict->step, 'mark.codes.passed-over', ['corner' => $passed[0]], 'mark.codes.both');
    }

    /** The step at which the evidence could have been lost; a module that did not answer has to be brought back first. */
    private function limit(Job $job): int
    {
        $silent = false;
        foreach ($job->steps as $step) {
            if (CodesShown::areAskedFor($step)) {
                $silent = CodesShown::isSilent($step);
            }
            if (CodesShown::areCleared($step) || $step->wasDone() && $step->action instanceof Repair && ! $silent) {
                return $step->number;
            }
        }

        return count($job->steps) + 1;
    }

    /** @param  list<Step>  $entries */
    private function compared(Job $job, Step $read, array $entries): Verdict
    {
        $shown = array_map(strval(...), array_keys(CodesShown::at($read) ?? []));
        $shown = $shown === [] ? [Vocabulary::NO_CODE] : $shown;
        $right = array_filter($entries, fn (Step $entry): bool => $this->wasShown($job, $entry));
        $written = array_map(static fn (Step $entry): string => $entry->action instanceof WriteCode ? $entry->action->code : '', $right);
        $noted = count(array_intersect($shown, $written));
        $wrong = count($entries) - count($right);
        $share = $noted / count($shown) * ($wrong > 0 ? self::WRONG_ENTRY_FACTOR : 1.0);
        $parameters = ['noted' => $noted, 'shown' => count($shown), 'wrong' => $wrong];

        return match (true) {
            $noted === count($shown) && $wrong === 0 => new Verdict(1.0, $read->number, 'mark.codes.complete'),
            $noted === 0 => new Verdict(0.0, $read->number, 'mark.codes.not-written', $parameters, 'mark.codes.remedy'),
            $wrong > 0 => new Verdict($share, $read->number, 'mark.codes.wrong-entry', $parameters, 'mark.codes.remedy'),
            default => new Verdict($share, $read->number, 'mark.codes.incomplete', $parameters, 'mark.codes.remedy'),
        };
    }

    /** Whether some list before it was written shows it so; a later one does not unmake it. A lamp tells no status, and none is asked for. */
    private function wasShown(Job $job, Step $entry): bool
    {
        $written = $entry->action;
        if (! $written instanceof WriteCode) {
            return false;
        }
        foreach (array_slice($job->steps, 0, $entry->number - 1) as $step) {
            $codes = CodesShown::at($step);
            if ($codes !== null && CodesShown::agree($codes, $written)) {
                return true;
            }
        }

        return false;
    }
}
