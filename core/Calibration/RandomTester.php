<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Advice\TestValue;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\CaseEvidence;
use Lernfall\Evidence\Solving\AdviceFollower;

/** Someone who makes tests one after the other, sensible ones or any there are: what is believed on the way can be held against the truth. */
final readonly class RandomTester
{
    /** One of so many of the best tests is made. */
    private const AMONG = 8;

    public function __construct(private CaseEvidence $evidence, private Adviser $adviser)
    {
    }

    /**
     * @param  bool  $isSensible  one of the best tests each time; else any
     * @return list<Claim> after each test
     */
    public function beliefs(FaultCase $case, string $seed, int $tests, bool $isSensible = true): array
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
            $advice = $isSensible ? $this->adviser->considered($set, $set->shown())->advice() : null;
            $remedies = ($advice->repairs ?? RepairPosterior::of($set, $set->shown(), $this->evidence->remedies))->byRemedy();
            $truth = $this->evidence->remedies->name($job->car);
            $likeliest = (string) array_key_first($remedies);
            $beliefs[] = new Claim($seed, $remedies[$likeliest], $truth === $likeliest, $remedies[$truth] ?? 0.0);
            $trials = $advice === null ? (new Trials($simulator))->on($case->sound, $job->car->state) : array_map(static fn (TestValue $one): Trial => $one->trial, array_slice($advice->tests, 0, self::AMONG));
            if ($trials === []) {
                return $beliefs;
            }
            $next = $trials[(int) ($draw->uniform("test $test") * count($trials))];
            foreach ($next->actions() as $action) {
                $job = $job->do($action, $simulator);
                $set = $set->after($job->steps[count($job->steps) - 1]);
            }
        }

        return $beliefs;
    }
}
