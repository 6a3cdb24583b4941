<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\WorksheetReading;

/** What stands on the card, and what of it carries a repair: a value that was shown, with the judgement it needs. */
final readonly class Card
{
    public function __construct(private Job $job, private BeliefHistory $history)
    {
    }

    /** @return array<int, Observation> what carries before a step, by the step that showed it */
    public function before(int $step): array
    {
        return $this->firstCodes($step) + WorksheetReading::before($this->job, $step, $this->carries(...));
    }

    /** @return array<int, Observation> what was written before a step as it was shown, however it was judged */
    public function asShown(int $step): array
    {
        return $this->firstCodes($step) + WorksheetReading::asShown($this->job, $step);
    }

    /**
     * The first list of codes is what everybody starts from: whether it was written down is a matter of its own criterion.
     *
     * @return array<int, Observation>
     */
    private function firstCodes(int $before): array
    {
        foreach ($this->job->steps as $step) {
            if ($step->number < $before && CodesShown::at($step) !== null) {
                return [$step->number => $step->observation];
            }
        }

        return [];
    }

    /** @return array<int, Step> of the job, by number */
    public function steps(): array
    {
        return array_combine(array_map(static fn (Step $step): int => $step->number, $this->job->steps), $this->job->steps);
    }

    private function carries(Step $written): bool
    {
        return ($this->judged($written) ?? $this->judgedCode($written))?->carries !== false;
    }

    public function judgedCode(Step $written): ?JudgedCode
    {
        return $written->action instanceof WriteCode ? JudgedCode::of($this->job, $written, $written->action) : null;
    }

    public function judged(Step $written): ?JudgedReading
    {
        return $written->action instanceof WriteReading ? JudgedReading::of($this->job, $this->history, $written, $written->action) : null;
    }
}
