<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Workshop\Rate;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\ProofOfRepair;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Vehicle\Vehicle;

/**
 * Someone who does what the advice says: reads the codes, then test after test, until a repair is expected to be cheaper,
 * and rests on a reading that separates where the rules of the case ask for one.
 */
final readonly class AdviceFollower
{
    private const MOST_TESTS = 80;

    public function __construct(private Simulator $simulator, private Remedies $remedies, private Adviser $adviser)
    {
    }

    /** @return list<CarAction> how the first codes are read, as the car shows them */
    public static function firstLook(Vehicle $vehicle): array
    {
        $rules = $vehicle->module->lampCodes;
        $cycle = $rules?->cycle;

        return [new TurnKey(Ignition::On), new LookAtLamps, ...match (true) {
            $rules === null => [new ReadCodes],
            $cycle !== null => [new CyclePower($cycle->onSeconds, $cycle->offSeconds)],
            default => [new OpenCheckConnector(true), new WatchLamp],
        }];
    }

    /**
     * @param  HypothesisSet  $set  before anything was done
     * @param  ?ReadingFirst  $readingFirst  where a repair needs a reading that separates, however cheap it is
     * @param  float  $mostMinutes  of diagnosis, after which it is given up
     */
    public function work(FaultCase $case, HypothesisSet $set, string $seed, ?ReadingFirst $readingFirst = null, float $mostMinutes = INF): Path
    {
        $job = Job::begin($case, $seed);
        foreach (self::firstLook($case->sound) as $action) {
            $job = $job->do($action, $this->simulator);
            $set = $set->after($job->steps[count($job->steps) - 1]);
        }
        $tests = [];
        while (true) {
            $posterior = $set->shown();
            $advice = $this->adviser->next($set, $posterior);
            $next = $advice->isToRepair() ? $readingFirst?->missing($job, $set, $advice, $tests) : $advice->tests[0]->trial;
            if ($next === null || count($tests) >= self::MOST_TESTS || $job->minutes() > $mostMinutes) {
                return $this->path($job, $set, $advice, $tests);
            }
            $tests[] = $next;
            foreach ($next->actions() as $action) {
                $job = $job->do($action, $this->simulator);
                $set = $set->after($job->steps[count($job->steps) - 1]);
            }
        }
    }

    /** @param  list<Trial>  $tests */
    private function path(Job $job, HypothesisSet $set, Advice $advice, array $tests): Path
    {
        $repairs = array_map($this->simulator->rate(...), $advice->repairs->repairs($advice->remedy));
        $minutes = array_sum(array_map(static fn (Rate $one): float => $one->minutes, $repairs)) + ProofOfRepair::minutes($this->simulator);
        $money = array_sum(array_map(static fn (Rate $one): float => $one->money, $repairs));

        return new Path($job, $set, $advice, $tests, $this->remedies->name($job->car), $minutes, $money, $this->simulator->workshop->costPerMinute);
    }
}
