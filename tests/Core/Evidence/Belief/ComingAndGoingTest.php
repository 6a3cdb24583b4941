<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Solving\AdviceFollower;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Faults that come and go are looked for as strong as they are usually found, and somewhat stronger where that looks otherwise. */
final class ComingAndGoingTest extends TestCase
{
    /** At 31 kΩ the module tells an open circuit; at 26 kΩ, the strength this kind is listed in, it does not. */
    public function test_a_contact_that_is_worse_in_the_wet_than_any_listed_one_stays_possible(): void
    {
        $sound = Workbench::vehicle('lendo-15');
        $fault = Workbench::catalogue()->fault($sound, 'plug-corroded', 'RR', '1', 31000.0, Provocation::Wet);
        $evidence = Workbench::evidence()->of(new FaultCase('', '', '', $sound, []), new CaseKnowledge(lampTold: true));
        $job = Job::begin(new FaultCase('', '', '', $sound, [$fault]), 'wet');
        $set = $evidence->beginning();
        foreach (AdviceFollower::firstLook($sound) as $action) {
            $job = $job->do($action, $evidence->simulator);
            $set = $set->after($job->steps[count($job->steps) - 1]);
        }

        self::assertGreaterThan(0.3, RepairPosterior::of($set, $set->shown(), $evidence->remedies)->byRemedy()['clean-plug@RR'] ?? 0.0);
    }
}
