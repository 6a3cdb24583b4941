<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\CaseKnowledge;
use Lernfall\Evidence\Lineup;
use Lernfall\Evidence\Odds;
use Lernfall\Format\ActionReader;

/** A job played with all suspects alongside, for tests. */
final class Investigated
{
    private function __construct(public Job $job, public Lineup $lineup)
    {
    }

    public static function on(FaultCase $case, string $seed = 'a', CaseKnowledge $knowledge = new CaseKnowledge(lampTold: true)): self
    {
        return new self(Job::begin($case, $seed), Lineup::of(Workbench::suspects()->of($case, $knowledge), Workbench::suspects()->weighing, Workbench::simulator()));
    }

    /** @param  array<string, mixed>|Action  ...$actions */
    public function do(array|Action ...$actions): self
    {
        foreach ($actions as $action) {
            $this->job = $this->job->do(is_array($action) ? ActionReader::read($action) : $action, Workbench::simulator());
            $this->lineup = $this->lineup->after($this->job->steps[count($this->job->steps) - 1]);
        }

        return $this;
    }

    public function codesRead(): self
    {
        return $this->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']);
    }

    public function odds(): Odds
    {
        return $this->lineup->shown();
    }

    /** Chance of a kind of fault at a place, all strengths together. */
    public function chance(string $name): float
    {
        return $this->odds()->byName()[$name] ?? 0.0;
    }
}
