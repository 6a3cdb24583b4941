<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Closure;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Drives;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Fault\Symptom;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Decisions;
use Lernfall\Marking\HandedOver;
use Lernfall\Marking\Recurrence;
use Lernfall\Marking\School\LampOut;
use Lernfall\Marking\Verdict;
use Lernfall\Vehicle\BrakeParts;

/**
 * After the repair, or the finding that none is needed, the codes were cleared, what had failed was tried again in a way in which
 * it would have failed, and the codes were read and stayed away.
 */
final readonly class Proof implements Criterion
{
    /** Of the points, where the fault would have shown and nobody read whether it did. */
    private const UNREAD_SHARE = 0.5;

    /** Of the points, where a circumstance that the customer told of was left out. */
    private const UNTRIED_SHARE = 0.5;

    /**
     * @param  ?HandedOver  $handedOver  null where the car went back to its owner
     * @param  list<Symptom>  $symptoms  what the customer has noticed
     */
    public function __construct(private Recurrence $recurrence, private ?HandedOver $handedOver = null, private array $symptoms = [], private LampOut $lampOut = LampOut::ReadAgain)
    {
    }

    public function id(): string
    {
        return 'proof';
    }

    public function judge(Job $job): Verdict
    {
        if ($this->handedOver !== null) {
            return $this->named($job, $this->handedOver);
        }
        $repairs = Decisions::repairs($job);
        if ($repairs === [] && ! Incoming::isInOrder($job->car)) {
            return new Verdict(0.0, null, 'mark.proof.no-repair', [], 'mark.proof.remedy');
        }
        $from = max([0, ...array_map(static fn (Step $step): int => $step->number, $repairs)]);
        $cleared = $this->first($job, $from, CodesShown::areCleared(...)) ?? ($from === 0 ? $this->nothingStored($job) : null);
        $shown = $cleared === null ? null : $this->recurrence->step($job, $cleared->number);
        $read = $shown === null ? null : $this->first($job, $shown - 1, self::reads(...));
        $dark = $shown === null || $this->lampOut === LampOut::ReadAgain ? null : $this->first($job, $shown, self::seesNoLamp(...));
        $untried = $cleared === null ? null : $this->untried($job, $cleared);

        return match (true) {
            $cleared === null => new Verdict(0.0, null, 'mark.proof.not-cleared', [], 'mark.proof.remedy'),
            $this->lastRead($job, $cleared) !== null && $this->showsFault($this->lastRead($job, $cleared)) => new Verdict(0.0, $this->lastRead($job, $cleared)->number, 'mark.proof.ignored', [], 'mark.proof.believe'),
            $shown === null => $this->notShown($job, $cleared),
            $untried !== null && ($read ?? $dark) !== null => new Verdict(self::UNTRIED_SHARE, ($read ?? $dark)->number, "mark.proof.untried.$untried->id", [], 'mark.proof.try-symptom'),
            ($read ?? $dark) !== null && ! $this->pipesAreChecked($job, $repairs) => new Verdict(self::UNTRIED_SHARE, ($read ?? $dark)->number, 'mark.proof.pipes-unchecked', [], 'mark.proof.check-pipes'),
            $read === null && $dark !== null => new Verdict(1.0, $dark->number, 'mark.proof.lamp-out'),
            $read === null => new Verdict(self::UNREAD_SHARE, $shown, 'mark.proof.not-read-again', [], 'mark.proof.remedy'),
            default => new Verdict(1.0, $read->number, 'mark.proof.complete'),
        };
    }

    /** A car that is handed over is proven by the readings its cause rests on; its codes stay for whoever repairs it. */
    private function named(Job $job, HandedOver $handedOver): Verdict
    {
        foreach ($job->entries(NameCause::class) as $step) {
            if ($handedOver->repairs !== [] && $step->action instanceof NameCause && array_filter($step->action->supports, static fn (int $entry): bool => ! $job->isStruckOut($entry)) !== []) {
                return new Verdict(1.0, $step->number, 'mark.proof.handed-over');
            }
        }

        return new Verdict(0.0, $handedOver->step, 'mark.proof.handed-over-unproven', [], 'mark.proof.rest-on-readings');
    }

    /** Where no code was stored there is none to clear: the list that shows none stands for it. */
    private function nothingStored(Job $job): ?Step
    {
        $read = array_values(array_filter($job->steps, self::reads(...)));

        return array_filter($read, static fn (Step $step): bool => CodesShown::at($step) !== []) === [] ? $read[0] ?? null : null;
    }

    /**
     * Whether each wheel was let go by its own valves after the unit was renewed: pipes screwed on in each other's place set no code. Common practice, no source.
     *
     * @param  list<Step>  $repairs
     */
    private function pipesAreChecked(Job $job, array $repairs): bool
    {
        $renewed = max([0, ...array_map(static fn (Step $step): int => $step->action instanceof Repair && $step->action->kind === RepairKind::ReplaceHydraulicUnit ? $step->number : 0, $repairs)]);
        $tried = [];
        foreach ($renewed === 0 ? [] : $job->steps as $step) {
            if ($step->number > $renewed && $step->wasDone() && $step->action instanceof TestActuator && count($step->action->channels()) === 1) {
                array_push($tried, ...$step->action->channels());
            }
        }

        return $renewed === 0 || array_diff(BrakeParts::channelsOf($job->sound()->brakeParts->ids()), $tried) === [];
    }

    /** What the customer has noticed and nobody tried again since, though it can be tried here; null where nothing is left. */
    private function untried(Job $job, Step $cleared): ?Symptom
    {
        foreach ($this->symptoms as $symptom) {
            if ($symptom->under !== null && ! $this->recurrence->wasUnder($job, $cleared->number, $symptom->under)) {
                return $symptom;
            }
        }

        return null;
    }

    /** Whatever was done after clearing, the fault could not have come back on it. */
    private function notShown(Job $job, Step $cleared): Verdict
    {
        $drive = $this->first($job, $cleared->number, static fn (Step $step): bool => $step->action instanceof Drives && $step->wasDone());

        return $drive === null
            ? new Verdict(0.0, $cleared->number, 'mark.proof.not-driven', [], 'mark.proof.remedy')
            : new Verdict(0.0, $drive->number, 'mark.proof.driven-otherwise', [], 'mark.proof.drive-as-failed');
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

    private function lastRead(Job $job, Step $after): ?Step
    {
        $last = null;
        foreach ($job->steps as $step) {
            $last = $step->number > $after->number && self::reads($step) ? $step : $last;
        }

        return $last;
    }
}
