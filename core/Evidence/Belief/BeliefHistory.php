<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Repair\Repair;

/** What was still possible at each step of a job. */
final readonly class BeliefHistory
{
    /**
     * @param  array<int, HypothesisSet>  $before  by step: before each repair, and before the last step
     * @param  list<Possible>  $possible  after each step
     * @param  int  $codesRead  the step that first showed codes, or that the module does not answer; 0 for none
     * @param  ?HypothesisSet  $afterCodes  after that step
     */
    private function __construct(private array $before, public array $possible, private int $codesRead, private ?HypothesisSet $afterCodes, private HypothesisSet $beginning, private HypothesisSet $end)
    {
    }

    /** @param  HypothesisSet  $beginning  before anything was done */
    public static function of(Job $job, HypothesisSet $beginning): self
    {
        $set = $beginning;
        $before = [];
        $possible = [];
        $afterCodes = null;
        $codesRead = 0;
        foreach ($job->steps as $step) {
            if ($step->action instanceof Repair || $step->number === count($job->steps)) {
                $before[$step->number] = $set;
            }
            $next = $set->after($step);
            $possible[] = $next === $set && $possible !== [] ? $possible[count($possible) - 1]->at($step->number) : Possible::after($step->number, $next->shown());
            $set = $next;
            if ($codesRead === 0 && (CodesShown::at($step) !== null || CodesShown::isSilent($step))) {
                [$codesRead, $afterCodes] = [$step->number, $set];
            }
        }

        return new self($before, $possible, $codesRead, $afterCodes, $beginning, $set);
    }

    /** What a step showed on a sound car in the same state. */
    public function usual(int $step): ?Prediction
    {
        return $this->end->sound()->predictions[$step] ?? null;
    }

    /** Before anything was done. */
    public function beginning(): HypothesisSet
    {
        return $this->beginning;
    }

    public function end(): HypothesisSet
    {
        return $this->end;
    }

    /** The step that first showed codes, or that the module does not answer; 0 for none. */
    public function codesRead(): int
    {
        return $this->codesRead;
    }

    public function afterCodes(): ?HypothesisSet
    {
        return $this->afterCodes;
    }

    /** Before a repair or the last step. */
    public function before(int $step): HypothesisSet
    {
        return $this->before[$step] ?? $this->end;
    }
}
