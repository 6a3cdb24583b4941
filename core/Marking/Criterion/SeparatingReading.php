<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Entry;
use Lernfall\Marking\RenewedWithPlug;
use Lernfall\Marking\School\CorrodedPlug;
use Lernfall\Marking\Verdict;

/** Every repair rests on a written reading that tells the repaired part from the others of its channel. */
final readonly class SeparatingReading implements Criterion
{
    /** Of the points, where the reading is there but no cause was named before the repair. */
    private const UNNAMED_SHARE = 0.7;

    public function __construct(private Separation $separation, private CorrodedPlug $corrodedPlug = CorrodedPlug::Clean)
    {
    }

    public function id(): string
    {
        return 'reading';
    }

    public function judge(Job $job): Verdict
    {
        $asOne = RenewedWithPlug::in($job, $this->corrodedPlug);
        $repairs = array_values(array_filter($job->stepsOf(Repair::class), static fn (Step $step): bool => $step->wasDone() && ! in_array($step->number, $asOne, true)));
        if ($repairs === []) {
            return $job->car->vehicle == $job->case->sound
                ? $this->unrepaired($job)
                : new Verdict(0.0, null, 'mark.reading.no-repair', [], 'mark.reading.remedy');
        }
        $verdicts = array_map(fn (Step $repair): Verdict => $this->supported($job, $repair), $repairs);
        usort($verdicts, static fn (Verdict $one, Verdict $other): int => $one->share <=> $other->share);
        $share = array_sum(array_map(static fn (Verdict $one): float => $one->share, $verdicts)) / count($verdicts);

        return new Verdict($share, $verdicts[0]->step, $verdicts[0]->reason, $verdicts[0]->parameters, $verdicts[0]->remedy);
    }

    /** Where nothing had to be repaired, the cause has to rest on something written down. */
    private function unrepaired(Job $job): Verdict
    {
        foreach ($job->stepsOf(NameCause::class) as $step) {
            if ($step->action instanceof NameCause && $step->action->supports !== []) {
                return new Verdict(1.0, $step->number, 'mark.reading.cause-rests', ['step' => $step->action->supports[0]]);
            }
        }

        return new Verdict(0.0, null, 'mark.reading.none', [], 'mark.reading.remedy');
    }

    private function supported(Job $job, Step $repair): Verdict
    {
        $supporting = $this->separation->supporting($job, $repair);
        $right = array_values(array_filter($supporting, static fn (Step $step): bool => Entry::of($job, $step)->isRight()));
        if ($right !== []) {
            return $this->isNamed($job, $repair)
                ? new Verdict(1.0, $right[0]->number, 'mark.reading.separates', ['step' => $this->source($right[0])])
                : new Verdict(self::UNNAMED_SHARE, $repair->number, 'mark.reading.not-named', ['step' => $this->source($right[0])], 'mark.reading.name-first');
        }

        return $supporting !== []
            ? new Verdict(0.0, $supporting[0]->number, 'mark.reading.misread', ['step' => $this->source($supporting[0])], 'mark.reading.read-again')
            : new Verdict(0.0, $repair->number, 'mark.reading.none', [], 'mark.reading.remedy');
    }

    private function source(Step $written): int
    {
        return $written->action instanceof WriteReading ? $written->action->of : $written->number;
    }

    private function isNamed(Job $job, Step $repair): bool
    {
        foreach ($job->stepsOf(NameCause::class) as $step) {
            if ($step->number < $repair->number
                && $step->action instanceof NameCause && $repair->action instanceof Repair
                && in_array($step->action->channel, $repair->action->kind->concerns($repair->action->channel, $job->case->sound), true)
                && in_array($step->action->station, $repair->action->kind->stations(), true)) {
                return true;
            }
        }

        return false;
    }
}
