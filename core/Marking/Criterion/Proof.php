<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Closure;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Journey;
use Lernfall\Fault\Fault;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Decisions;
use Lernfall\Marking\School\LampOut;
use Lernfall\Marking\Verdict;

/** After the repair, or the finding that none is needed, the codes were cleared, the car was driven, and the codes were read again and stayed away. */
final readonly class Proof implements Criterion
{
    public function __construct(private LampOut $lampOut = LampOut::ReadAgain)
    {
    }

    public function id(): string
    {
        return 'proof';
    }

    public function judge(Job $job): Verdict
    {
        $repairs = Decisions::repairs($job);
        if ($repairs === [] && ! Incoming::isInOrder($job->car)) {
            return new Verdict(0.0, null, 'mark.proof.no-repair', [], 'mark.proof.remedy');
        }
        $from = max([0, ...array_map(static fn (Step $step): int => $step->number, $repairs)]);
        $cleared = $this->first($job, $from, CodesShown::areCleared(...));
        $driven = $cleared === null ? null : $this->driven($job, $cleared->number);
        $read = $driven === null ? null : $this->first($job, $driven->number, self::reads(...));
        $dark = $driven === null || $this->lampOut === LampOut::ReadAgain ? null : $this->first($job, $driven->number, self::seesNoLamp(...));

        return match (true) {
            $cleared === null => new Verdict(0.0, null, 'mark.proof.not-cleared', [], 'mark.proof.remedy'),
            $driven === null => $this->notDriven($job, $cleared),
            $read === null && $dark !== null => new Verdict(1.0, $dark->number, 'mark.proof.lamp-out'),
            $read === null => new Verdict(2.0 / 3.0, $driven->number, 'mark.proof.not-read-again', [], 'mark.proof.remedy'),
            $this->showsFault($this->lastRead($job, $read)) => new Verdict(0.0, $this->lastRead($job, $read)->number, 'mark.proof.ignored', [], 'mark.proof.believe'),
            default => new Verdict(1.0, $read->number, 'mark.proof.complete'),
        };
    }

    private function notDriven(Job $job, Step $cleared): Verdict
    {
        $otherwise = $this->first($job, $cleared->number, static fn (Step $step): bool => self::route($step) !== null && $step->wasDone());

        return $otherwise === null
            ? new Verdict(1.0 / 3.0, $cleared->number, 'mark.proof.not-driven', [], 'mark.proof.remedy')
            : new Verdict(1.0 / 3.0, $otherwise->number, 'mark.proof.driven-otherwise', [], 'mark.proof.drive-as-failed');
    }

    /** A drive on which every fault of the case could have come back. */
    private function driven(Job $job, int $after): ?Step
    {
        foreach ($job->steps as $step) {
            $route = self::route($step);
            $unseen = array_filter($job->case->faults, static fn (Fault $fault): bool => $fault->provokedBy !== null && $route?->provokes($fault->provokedBy, HubWarming::from($job->case->sound->climate, $step->before->state->warmth->hubRiseKelvin)) === false);
            if ($route !== null && $step->number > $after && $step->wasDone() && $unseen === []) {
                return $step;
            }
        }

        return null;
    }

    private static function route(Step $step): ?Journey
    {
        return $step->action instanceof RoadTest || $step->action instanceof RecordDrive ? $step->action->route : null;
    }

    private static function reads(Step $step): bool
    {
        return CodesShown::at($step) !== null;
    }

    /** A look at the lamps that shows none of them lit. */
    private static function seesNoLamp(Step $step): bool
    {
        return $step->action instanceof LookAtLamps && $step->wasDone() && ! in_array('on', $step->observation->values, true) && ! in_array('blinks', $step->observation->values, true);
    }

    /** A lamp tells no status: whatever it blinks after clearing is there again. */
    private function showsFault(Step $read): bool
    {
        return array_intersect(CodesShown::at($read) ?? [], ['present', 'pending', CodesShown::NO_STATUS]) !== [];
    }

    /** @param  Closure(Step): bool  $is */
    private function first(Job $job, int $after, Closure $is): ?Step
    {
        foreach ($job->steps as $step) {
            if ($step->number > $after && $is($step)) {
                return $step;
            }
        }

        return null;
    }

    private function lastRead(Job $job, Step $first): Step
    {
        $last = $first;
        foreach ($job->steps as $step) {
            $last = $step->number > $last->number && self::reads($step) ? $step : $last;
        }

        return $last;
    }
}
