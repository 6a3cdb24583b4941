<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\Conclude;

/**
 * What was still possible at each step of a job. One more step costs one step.
 *
 * @phpstan-import-type KeptSet from HypothesisSet
 *
 * @phpstan-type KeptHistory array{before: array<int, KeptSet>, possible: list<Possible>, codesRead: int, afterCodes: ?KeptSet, end: KeptSet}
 */
final readonly class BeliefHistory
{
    /**
     * @param  array<int, HypothesisSet>  $before  by step: before each repair, and before the closing
     * @param  list<Possible>  $possible  after each step
     * @param  int  $codesRead  the step that first showed codes, or that the module does not answer; 0 for none
     * @param  ?HypothesisSet  $afterCodes  after that step
     */
    private function __construct(private array $before, public array $possible, private int $codesRead, private ?HypothesisSet $afterCodes, private HypothesisSet $beginning, private HypothesisSet $end)
    {
    }

    /** Before anything was done. */
    public static function beginningWith(HypothesisSet $beginning): self
    {
        return new self([], [], 0, null, $beginning, $beginning);
    }

    /** @param  HypothesisSet  $beginning  before anything was done */
    public static function of(Job $job, HypothesisSet $beginning): self
    {
        return array_reduce($job->steps, static fn (self $history, Step $step): self => $history->after($step), self::beginningWith($beginning));
    }

    public function after(Step $step): self
    {
        $end = $this->end->after($step);
        $isFirstLook = $this->codesRead === 0 && (CodesShown::at($step) !== null || CodesShown::isSilent($step));

        return new self(
            $step->action instanceof Repair || $step->action instanceof Conclude ? $this->before + [$step->number => $this->end] : $this->before,
            [...$this->possible, $end === $this->end && $this->possible !== [] ? $this->possible[count($this->possible) - 1]->at($step->number) : Possible::after($step->number, $end->shown())],
            $isFirstLook ? $step->number : $this->codesRead,
            $isFirstLook ? $end : $this->afterCodes,
            $this->beginning, $end,
        );
    }

    /** @return KeptHistory what cannot be drawn up anew: to be kept as it is and given to restored() */
    public function kept(): array
    {
        return [
            'before' => array_map(static fn (HypothesisSet $set): array => $set->kept(), $this->before), 'possible' => $this->possible,
            'codesRead' => $this->codesRead, 'afterCodes' => $this->afterCodes?->kept(), 'end' => $this->end->kept(),
        ];
    }

    /**
     * @param  KeptHistory  $kept
     * @param  HypothesisSet  $beginning  before anything was done
     */
    public static function restored(array $kept, HypothesisSet $beginning, Job $job): self
    {
        $before = [];
        foreach ($kept['before'] as $step => $set) {
            $before[$step] = HypothesisSet::restored($set, $beginning, array_slice($job->steps, 0, $step - 1));
        }

        return new self(
            $before, $kept['possible'], $kept['codesRead'],
            $kept['afterCodes'] === null ? null : HypothesisSet::restored($kept['afterCodes'], $beginning, array_slice($job->steps, 0, $kept['codesRead'])),
            $beginning, HypothesisSet::restored($kept['end'], $beginning, array_slice($job->steps, 0, count($kept['possible']))),
        );
    }

    /** How many steps of the job it has seen. */
    public function steps(): int
    {
        return count($this->possible);
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

    /** Before a repair or the closing. */
    public function before(int $step): HypothesisSet
    {
        return $this->before[$step] ?? $this->end;
    }
}
