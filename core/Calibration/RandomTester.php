<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\CaseEvidence;
use Lernfall\Evidence\Solving\AdviceFollower;

/** Someone who makes any of the sensible tests, one after the other: what is believed on the way can be held against the truth. */
final readonly class RandomTester
{
    /** One of so many of the best tests is made. */
    private const AMONG = 8;

    public function __construct(private CaseEvidence $evidence, private Adviser $adviser)
    {
    }

    /** @return list<array{float, bool}> after each test: the chance given to the likeliest remedy, and whether it is the right one */
    public function beliefs(FaultCase $case, string $seed, int $tests): array
    {
        $simulator = $this->evidence->simulator;
        $draw = new Draw("wander $seed");
        $job = Job::begin($case, $seed);
        $set = $this->evidence->beginning();
        $beliefs = [];
        foreach (AdviceFollower::firstLook($case->sound) as $action) {
            $job = $job->do($action, $simulator);
            $set = $set->after($job->steps[count($job->steps) - 1]);
        }
        for ($test = 0; $test <= $tests; $test++) {
            $advice = $this->adviser->considered($set, $set->shown())->advice();
            $remedies = $advice->repairs->byRemedy();
            $likeliest = (string) array_key_first($remedies);
            $beliefs[] = [$remedies[$likeliest], $this->evidence->remedies->name($job->car) === $likeliest];
            if ($advice->tests === []) {
                return $beliefs;
            }
            $next = $advice->tests[(int) ($draw->uniform("test $test") * min(self::AMONG, count($advice->tests)))]->trial;
            foreach ($next->actions() as $action) {
                $job = $job->do($action, $simulator);
                $set = $set->after($job->steps[count($job->steps) - 1]);
            }
        }

        return $beliefs;
    }
}
