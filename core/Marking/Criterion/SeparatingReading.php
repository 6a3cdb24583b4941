<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Decision;
use Lernfall\Marking\NamedPlace;
use Lernfall\Marking\Rests;
use Lernfall\Marking\Verdict;

/** Every repair, made here or asked of others, rests on a written reading after which all that it would leave is unlikely. */
final readonly class SeparatingReading implements Criterion
{
    /** Of the points, where the reading is there but no cause was named before the repair. */
    private const UNNAMED_SHARE = 0.7;

    /** @param  list<Decision>  $decisions */
    public function __construct(private Rests $rests, private array $decisions)
    {
    }

    public function id(): string
    {
        return 'reading';
    }

    public function judge(Job $job): Verdict
    {
        if ($this->decisions === []) {
            return Incoming::isInOrder($job->car)
                ? $this->unrepaired($job)
                : new Verdict(0.0, null, 'mark.reading.no-repair', [], 'mark.reading.remedy');
        }
        $verdicts = array_map(fn (Decision $decision): Verdict => $this->supported($job, $decision), $this->decisions);
        usort($verdicts, static fn (Verdict $one, Verdict $other): int => $one->share <=> $other->share);
        $share = array_sum(array_map(static fn (Verdict $one): float => $one->share, $verdicts)) / count($verdicts);

        return new Verdict($share, $verdicts[0]->step, $verdicts[0]->reason, $verdicts[0]->parameters, $verdicts[0]->remedy);
    }

    /** Where nothing had to be repaired, the cause has to rest on something written down. */
    private function unrepaired(Job $job): Verdict
    {
        foreach ($job->entries(NameCause::class) as $step) {
            if ($step->action instanceof NameCause && $step->action->supports !== []) {
                return new Verdict(1.0, $step->number, 'mark.reading.cause-rests', ['step' => $step->action->supports[0]]);
            }
        }

        return new Verdict(0.0, null, 'mark.reading.none', [], 'mark.reading.remedy');
    }

    private function supported(Job $job, Decision $decision): Verdict
    {
        $rests = $this->rests->of($decision);
        $misread = $this->rests->misread($decision);
        if ($misread !== null) {
            $entry = $job->step($misread)?->action;

            return new Verdict(0.0, $misread, 'mark.reading.misread', ['step' => $entry instanceof WriteReading ? $entry->of : $misread], 'mark.reading.read-again');
        }
        if ($rests->share <= 0.0) {
            return new Verdict(0.0, $decision->step, $rests->steps === [] ? 'mark.reading.none' : 'mark.reading.leaves-rivals', ['step' => $rests->steps[0] ?? 0], 'mark.reading.remedy');
        }
        if ($rests->steps === []) {
            return $this->byCodes($job, $decision);
        }
        $step = $rests->steps[count($rests->steps) - 1];
        $entry = $this->entry($job, $step, $decision->step);

        return match (true) {
            ! $this->isNamed($job, $decision) => new Verdict(self::UNNAMED_SHARE * $rests->share, $decision->step, 'mark.reading.not-named', ['step' => $step], 'mark.reading.name-first'),
            $rests->share < 1.0 => new Verdict($rests->share, $entry, 'mark.reading.close', ['step' => $step], 'mark.reading.remedy'),
            default => new Verdict(1.0, $entry, 'mark.reading.separates', ['step' => $step]),
        };
    }

    private function byCodes(Job $job, Decision $decision): Verdict
    {
        return $this->isNamed($job, $decision)
            ? new Verdict(1.0, $decision->step, 'mark.reading.codes-suffice')
            : new Verdict(self::UNNAMED_SHARE, $decision->step, 'mark.reading.codes-unnamed', [], 'mark.reading.name-first');
    }

    /** The step that wrote down what this one showed. */
    private function entry(Job $job, int $shown, int $before): int
    {
        foreach ($job->entries(WriteReading::class, $before) as $written) {
            if ($written->action instanceof WriteReading && $written->action->of === $shown) {
                return $written->number;
            }
        }

        return $shown;
    }

    private function isNamed(Job $job, Decision $decision): bool
    {
        $repair = $job->step($decision->step);
        $channels = $decision->repair->kind->concerns($decision->repair->channel, $job->case->sound);
        foreach ($job->entries(NameCause::class, $decision->step) as $step) {
            if ($repair !== null && $step->action instanceof NameCause
                && NamedPlace::isAt($step, $step->action, $repair, $channels)
                && in_array($step->action->station, $decision->repair->kind->stations(), true)) {
                return true;
            }
        }

        return false;
    }
}
