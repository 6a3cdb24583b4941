<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Advice\Separation;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Weighing;
use Lernfall\Evidence\Solving\AdviceFollower;
use Lernfall\Evidence\Solving\Path;
use Lernfall\Evidence\Solving\ReadingFirst;

/** The evidence engine set up for one case: what could be wrong with its car, and what follows from what was shown. */
final readonly class CaseEvidence
{
    public Remedies $remedies;

    /** @param  Simulator  $simulator  as the case equips it */
    public function __construct(private FaultCase $case, public Hypotheses $hypotheses, private Weighing $weighing, public Simulator $simulator)
    {
        $this->remedies = new Remedies($simulator);
    }

    /** Before anything was done. */
    public function beginning(): HypothesisSet
    {
        return HypothesisSet::of($this->hypotheses, $this->weighing, $this->simulator);
    }

    public function history(Job $job): BeliefHistory
    {
        return BeliefHistory::of($job, $this->beginning());
    }

    /** @param  float  $needless  what a repair that changes nothing costs besides its price, in money */
    public function adviser(float $needless): Adviser
    {
        return new Adviser($this->simulator, $this->remedies, $needless);
    }

    public function separation(): Separation
    {
        return new Separation($this->remedies, $this->weighing->separating);
    }

    public function readingFirst(): ReadingFirst
    {
        return new ReadingFirst($this->separation(), $this->simulator);
    }

    /**
     * The case worked by doing what the advice says.
     *
     * @param  float  $needless  what a repair that changes nothing costs besides its price, in money
     * @param  bool  $demandsReading  a repair needs a reading that separates, however cheap it is
     * @param  float  $mostMinutes  of diagnosis, after which it is given up
     */
    public function path(string $seed, float $needless, bool $demandsReading = false, float $mostMinutes = INF): Path
    {
        return (new AdviceFollower($this->simulator, $this->remedies, $this->adviser($needless)))
            ->work($this->case, $this->beginning(), $seed, $demandsReading ? $this->readingFirst() : null, $mostMinutes);
    }
}
