<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Meter\ProveMeter;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\TestValue;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\School\FirstTest;
use Lernfall\Marking\Verdict;
use Lernfall\Vehicle\Vehicle;

/** The first test after the codes was the quickest that tells something, or the one that tells most, as the policy has it. */
final readonly class RightFirstTest implements Criterion
{
    /** What shows something, and is no test of anything yet. */
    private const FIRST_LOOK = [ReadCodes::class, LookAtLamps::class, WatchLamp::class, CyclePower::class, OpenCheckConnector::class, ProveMeter::class];

    /** From so many bits about the repair on, a test tells something. */
    private const TELLS_BITS = 0.1;

    /** So much longer than the quickest is as quick. */
    private const AS_QUICK_MINUTES = 2.0;

    /** This share of what the best would have told tells as much. */
    private const AS_TELLING = 0.7;

    public function __construct(private BeliefHistory $history, private Adviser $adviser, private FirstTest $school)
    {
    }

    public function id(): string
    {
        return 'first-test';
    }

    public function judge(Job $job): Verdict
    {
        $set = $this->history->afterCodes();
        $steps = $set === null ? [] : $this->upToTheTest($job);
        if ($set === null || $steps === []) {
            return new Verdict(0.0, null, $set === null ? 'mark.first-test.no-codes' : 'mark.first-test.none', [], "mark.first-test.remedy.{$this->school->value}");
        }
        $advice = $this->adviser->considered($set, $set->shown())->advice();
        $own = $this->adviser->testValue($set, $set->shown(), $this->trial($steps));
        $step = $steps[count($steps) - 1]->number;

        return match (true) {
            $advice->tests === [] => new Verdict(1.0, $step, 'mark.first-test.open'),
            $this->school === FirstTest::LeastEffort => $this->quick($advice, $own, $step),
            default => $this->telling($advice, $own, $step),
        };
    }

    private function quick(Advice $advice, TestValue $own, int $step): Verdict
    {
        $quickest = $this->quickest($advice);
        if ($own->bits < min(self::TELLS_BITS, $quickest->bits)) {
            return new Verdict(0.0, $step, 'mark.first-test.tells-nothing', [], 'mark.first-test.remedy.least-effort');
        }
        $share = min(1.0, ($quickest->trial->minutes + self::AS_QUICK_MINUTES) / max(0.1, $own->trial->minutes));

        return $share >= 1.0
            ? new Verdict(1.0, $step, 'mark.first-test.quick', ['minutes' => $own->trial->minutes])
            : new Verdict($share, $step, 'mark.first-test.longer', ['minutes' => $own->trial->minutes, 'least' => $quickest->trial->minutes], 'mark.first-test.remedy.least-effort');
    }

    private function telling(Advice $advice, TestValue $own, int $step): Verdict
    {
        $most = max([$own->bits, ...array_map(static fn (TestValue $one): float => $one->bits, $advice->tests)]);
        $share = min(1.0, $own->bits / (self::AS_TELLING * $most));
        $told = ['share' => (int) round(100.0 * min(1.0, $own->bits / $most))];

        return $share >= 1.0
            ? new Verdict(1.0, $step, 'mark.first-test.told', $told)
            : new Verdict($share, $step, 'mark.first-test.told-less', $told, 'mark.first-test.remedy.most-telling');
    }

    private function quickest(Advice $advice): TestValue
    {
        $telling = array_filter($advice->tests, static fn (TestValue $one): bool => $one->bits >= self::TELLS_BITS);
        $tests = $telling === [] ? $advice->tests : $telling;
        usort($tests, static fn (TestValue $one, TestValue $other): int => $one->trial->minutes <=> $other->trial->minutes);

        return $tests[0];
    }

    /** @return list<Step> what was done to the car after the codes up to the first look at something else; none where a repair came first */
    private function upToTheTest(Job $job): array
    {
        $steps = [];
        foreach (array_slice($job->steps, $this->history->codesRead()) as $step) {
            if ($step->action instanceof Repair) {
                return [];
            }
            if (! $step->action instanceof CarAction || ! $step->wasDone()) {
                continue;
            }
            $steps[] = $step;
            if ($step->observation->values !== [] && ! in_array($step->action::class, self::FIRST_LOOK, true)) {
                return $steps;
            }
        }

        return [];
    }

    /** @param  non-empty-list<Step>  $steps */
    private function trial(array $steps): Trial
    {
        $actions = array_values(array_filter(array_map(static fn (Step $step) => $step->action, $steps), static fn ($action): bool => $action instanceof CarAction));
        $look = array_pop($actions);
        assert($look instanceof CarAction);
        $minutes = array_sum(array_map(static fn (Step $step): float => $step->cost->minutes, $steps));

        return new Trial('own', Vehicle::WHOLE, $actions, [$look], [], $minutes, $minutes, []);
    }
}
