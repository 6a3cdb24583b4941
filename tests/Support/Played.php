<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\HypothesisBranch;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Fault\Fault;
use Lernfall\Format\ActionReader;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\Policy;
use Lernfall\Vehicle\Vehicle;

/** A job played from actions in their JSON form, for tests. */
final class Played
{
    private function __construct(public Job $job)
    {
    }

    public static function on(FaultCase $case, string $seed = 'a'): self
    {
        return new self(Job::begin($case, $seed));
    }

    /** @param  array<string, mixed>|Action  ...$actions */
    public function do(array|Action ...$actions): self
    {
        foreach ($actions as $action) {
            $this->job = $this->job->do(is_array($action) ? ActionReader::read($action) : $action, Workbench::simulator());
        }

        return $this;
    }

    /** @return list<Action> */
    public function actions(): array
    {
        return array_map(static fn (Step $step): Action => $step->action, $this->job->steps);
    }

    public function shown(): Observation
    {
        return $this->job->lastStep()->observation ?? Observation::written();
    }

    /** Writes down what the last step showed. */
    public function write(?float $value, string $unit = '', string $word = '', string $judgement = 'out', string $feature = 'reading'): self
    {
        return $this->do([
            'do' => 'write-reading', 'of' => count($this->job->steps), 'feature' => $feature, 'value' => $value,
            'unit' => $unit, 'word' => $word, 'judgement' => $judgement, 'comparedWith' => 'data sheet',
        ]);
    }

    public function secured(): self
    {
        return $this->do(['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand']);
    }

    /** Lets the car down, clears, drives, reads again, closes the job. */
    public function proven(): self
    {
        return $this->do(
            ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'],
            ['do' => 'clear-codes'], ['do' => 'road-test'], ['do' => 'read-codes'], ['do' => 'conclude'],
        );
    }

    /** By a policy that leaves the reasoning aside, unless told otherwise. */
    public function marks(?Policy $policy = null, CaseKnowledge $knowledge = new CaseKnowledge): MarkSheet
    {
        return Workbench::marker()->mark($this->job, $policy ?? Workbench::olderPolicy(), $knowledge);
    }

    /** A car with this fault that could be standing there instead, everything having been done to it as well. */
    public function withHypothesis(Fault $fault): HypothesisBranch
    {
        $sound = $this->job->case->sound;
        $hypothesis = static fn (array $faults, Vehicle $vehicle): Hypothesis => new Hypothesis('', $faults, 1.0, false, CustomerHistory::of(Car::hypothesis($vehicle, $sound)));
        $set = HypothesisSet::of(Hypotheses::listed($hypothesis([], $sound), $hypothesis([$fault], $fault->applyTo($sound))), Workbench::hypotheses()->weighing, Workbench::simulator(), rulesOut: false);
        foreach ($this->job->steps as $step) {
            $set = $set->after($step);
        }

        return $set->likeliest()[1];
    }
}
