<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Job\Job;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\UnsafeActs;
use Lernfall\Marking\Verdict;

/** Nothing was done or tried that could have hurt someone or damaged the module. */
final readonly class Safety implements Criterion
{
    public function __construct(private UnsafeActs $acts)
    {
    }

    public function id(): string
    {
        return 'safety';
    }

    public function judge(Job $job): Verdict
    {
        $unsafe = $this->acts->all;

        return match (count($unsafe)) {
            0 => new Verdict(1.0, null, 'mark.safety.clean'),
            1 => new Verdict(0.5, $unsafe[0][0], "mark.safety.once.{$unsafe[0][1]->value}", [], 'mark.safety.remedy'),
            default => new Verdict(0.0, $unsafe[1][0], 'mark.safety.again', ['times' => count($unsafe)], 'mark.safety.remedy'),
        };
    }
}
