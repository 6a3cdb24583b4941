<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Posterior;
use Lernfall\Format\ActionReader;

/** A job played with all suspects alongside, for tests. */
final class Investigated
{
    private function __construct(public Job $job, public HypothesisSet $set)
    {
    }

    public static function on(FaultCase $case, string $seed = 'a', CaseKnowledge $knowledge = new CaseKnowledge(lampTold: true)): self
    {
        return new self(Job::begin($case, $seed), HypothesisSet::of(Workbench::hypotheses()->of($case->sound, $knowledge), Workbench::hypotheses()->weighing, Workbench::simulator()));
    }

    /** @param  array<string, mixed>|Action  ...$actions */
    public function do(array|Action ...$actions): self
    {
        foreach ($actions as $action) {
            $this->job = $this->job->do(is_array($action) ? ActionReader::read($action) : $action, Workbench::simulator());
            $this->set = $this->set->after($this->job->steps[count($this->job->steps) - 1]);
        }

        return $this;
    }

    public function codesRead(): self
    {
        return $this->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
    }

    public function posterior(): Posterior
    {
        return $this->set->shown();
    }

    /** Chance of a kind of fault at a place, all strengths together. */
    public function chance(string $name): float
    {
        return $this->posterior()->byName()[$name] ?? 0.0;
    }
}
