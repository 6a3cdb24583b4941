<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\KnownHypotheses;
use Lernfall\Evidence\Belief\Weighing;
use Lernfall\Fault\Catalogue;

/** Wires the evidence engine. Hypotheses of the same car are drawn up once. */
final readonly class EvidenceFactory
{
    public KnownHypotheses $known;

    public function __construct(public Simulator $simulator, public Catalogue $catalogue, public Weighing $weighing)
    {
        $this->known = new KnownHypotheses($simulator, $catalogue, $weighing);
    }

    public function of(FaultCase $case, CaseKnowledge $knowledge = new CaseKnowledge): CaseEvidence
    {
        return new CaseEvidence($case, $this->known->of($case->sound, $knowledge), $this->weighing, $case->equips($this->simulator));
    }

    /** The same for judging a closed job: what is wrong with its car is among what could be. Nothing of it may be shown before. */
    public function judging(FaultCase $case, CaseKnowledge $knowledge = new CaseKnowledge): CaseEvidence
    {
        return new CaseEvidence($case, $this->known->among($case->sound, $knowledge, $case->faults), $this->weighing, $case->equips($this->simulator));
    }
}
