<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job;
use Lernfall\Bay\Simulator;
use Lernfall\Evidence\Separation;
use Lernfall\Fault\Catalogue;
use Lernfall\Marking\Criterion\CodesBeforeClearing;
use Lernfall\Marking\Criterion\Economy;
use Lernfall\Marking\Criterion\Proof;
use Lernfall\Marking\Criterion\RightRepair;
use Lernfall\Marking\Criterion\Safety;
use Lernfall\Marking\Criterion\SeparatingReading;

/** Marks a job by a policy. */
final readonly class Marker
{
    public function __construct(private Simulator $simulator, private Catalogue $catalogue)
    {
    }

    public function mark(Job $job, Policy $policy): MarkSheet
    {
        $marks = [];
        foreach ($this->criteria($policy, $this->simulator->forCase($job->case)) as $criterion) {
            $outOf = $policy->weights[$criterion->id()] ?? 0;
            $verdict = $criterion->judge($job);
            $marks[] = new Mark($criterion->id(), round($outOf * $verdict->share, 1), $outOf, $verdict);
        }

        return new MarkSheet($marks);
    }

    /** @return list<string> */
    public static function criterionIds(): array
    {
        return ['safety', 'codes', 'reading', 'repair', 'proof', 'economy'];
    }

    /** @return list<Criterion> */
    private function criteria(Policy $policy, Simulator $simulator): array
    {
        $alternatives = new Alternatives($simulator);

        return [
            new Safety,
            new CodesBeforeClearing,
            new SeparatingReading(new Separation($simulator, $this->catalogue)),
            new RightRepair($alternatives),
            new Proof,
            new Economy($alternatives, $simulator->workshop, $policy->diagnosisMinutes),
        ];
    }
}
