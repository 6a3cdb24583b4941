<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Action\ClearCodes;
use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\Repair;
use Lernfall\Bay\Action\WriteCode;
use Lernfall\Bay\Job;
use Lernfall\Bay\Step;
use Lernfall\Bay\Vocabulary;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Verdict;

/** The codes were read and written down before they were cleared and before anything was repaired. */
final readonly class CodesBeforeClearing implements Criterion
{
    private const STORED = ['present', 'history'];

    /** Of the points, for noting down something that was not shown. */
    private const WRONG_ENTRY_FACTOR = 0.5;

    public function id(): string
    {
        return 'codes';
    }

    public function judge(Job $job): Verdict
    {
        $limit = $this->limit($job);
        $read = array_values(array_filter(
            $job->stepsOf(ReadCodes::class),
            static fn (Step $step): bool => $step->number < $limit && $step->observation->word('answer') === 'yes',
        ));
        if ($read === []) {
            return new Verdict(0.0, $limit <= count($job->steps) ? $limit : null, 'mark.codes.not-read', [], 'mark.codes.remedy');
        }

        return $this->compared($read[count($read) - 1], $this->written($job, $limit));
    }

    /** The step at which the evidence could have been lost; a module that did not answer has to be brought back first. */
    private function limit(Job $job): int
    {
        $silent = false;
        foreach ($job->steps as $step) {
            if ($step->action instanceof ReadCodes) {
                $silent = $step->observation->word('answer') === 'no';
            }
            if ($step->wasDone() && ($step->action instanceof ClearCodes || ($step->action instanceof Repair && ! $silent))) {
                return $step->number;
            }
        }

        return count($job->steps) + 1;
    }

    /** @return list<string> "code status" */
    private function written(Job $job, int $limit): array
    {
        $entries = [];
        foreach ($job->stepsOf(WriteCode::class) as $step) {
            if ($step->number < $limit && $step->action instanceof WriteCode) {
                $entries[] = $step->action->code === Vocabulary::NO_CODE ? Vocabulary::NO_CODE : "{$step->action->code} {$step->action->status}";
            }
        }

        return $entries;
    }

    /** @param  list<string>  $written */
    private function compared(Step $read, array $written): Verdict
    {
        $shown = [];
        foreach ($read->observation->values as $code => $word) {
            if (in_array($word, self::STORED, true)) {
                $shown[] = "$code $word";
            }
        }
        $shown = $shown === [] ? [Vocabulary::NO_CODE] : $shown;
        $noted = count(array_intersect($shown, $written));
        $wrong = count(array_diff($written, $shown));
        $share = $noted / count($shown) * ($wrong > 0 ? self::WRONG_ENTRY_FACTOR : 1.0);
        $parameters = ['noted' => $noted, 'shown' => count($shown), 'wrong' => $wrong];

        return match (true) {
            $noted === count($shown) && $wrong === 0 => new Verdict(1.0, $read->number, 'mark.codes.complete'),
            $noted === 0 => new Verdict(0.0, $read->number, 'mark.codes.not-written', $parameters, 'mark.codes.remedy'),
            $wrong > 0 => new Verdict($share, $read->number, 'mark.codes.wrong-entry', $parameters, 'mark.codes.remedy'),
            default => new Verdict($share, $read->number, 'mark.codes.incomplete', $parameters, 'mark.codes.remedy'),
        };
    }
}
