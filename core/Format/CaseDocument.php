<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Marking\Policy;

/** What a case file holds: the case and how it is marked. */
final readonly class CaseDocument
{
    public function __construct(public FaultCase $case, public Policy $policy, public CaseKnowledge $knowledge, public bool $practice)
    {
    }
}
