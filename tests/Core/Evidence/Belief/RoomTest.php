<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Room;
use Lernfall\Evidence\Solving\AdviceFollower;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** How far numbers of a fault may lie off that is one strength of many. */
final class RoomTest extends TestCase
{
    /** By hand: √(0.0025² + 0.0097²) = 0.01002 on the side of the next strength, √(0.0025² + 0.0485²) = 0.04856 beyond; 0.5 · (1 − 0.0097/0.15) = 0.4677 of them steady. */
    public function test_it_goes_by_the_next_strength(): void
    {
        $scatter = Workbench::evidence()->weighing->scatter;

        $unknown = Room::between([null, null], 0.0025, $scatter);
        self::assertSame([0.8, 0.8, 0.0], [$unknown->below, $unknown->above, $unknown->steadyShare]);
        $steady = Room::between([0.0097, null], 0.0025, $scatter);
        self::assertEqualsWithDelta([0.01002, 0.04856, 0.4677], [$steady->below, $steady->above, $steady->steadyShare], 0.0001);
        $changing = Room::between([0.3, null], 0.0025, $scatter);
        self::assertEqualsWithDelta([0.3, 0.8, 0.0], [$changing->below, $changing->above, $changing->steadyShare], 0.0001);
    }

    public function test_its_density_is_one(): void
    {
        $room = Room::between([0.05, null], 0.01, Workbench::evidence()->weighing->scatter);
        $sum = 0.0;
        for ($away = -2.0; $away < 2.0; $away += 0.001) {
            $sum += 0.001 * $room->density($away);
        }
        self::assertEqualsWithDelta(1.0, $sum, 0.002);
    }

    /** A wire shorted to the supply by a strength between those of the suspects: the voltage at the plug is the one that a dead sensor leaves there as well, and rules neither out. */
    #[TestWith([0.52])]
    #[TestWith([1.0])]
    public function test_a_number_that_the_fault_explains_does_not_rule_it_out(float $ohms): void
    {
        $sound = Workbench::vehicle('brack-22');
        $evidence = Workbench::evidence()->of(new FaultCase('', '', '', $sound, []), new CaseKnowledge(lampTold: true));
        $job = Job::begin(new FaultCase('', '', '', $sound, [Workbench::catalogue()->fault($sound, 'loom-to-supply', 'FL', '1', $ohms)]), 'a');
        $set = $evidence->beginning();
        foreach (AdviceFollower::firstLook($sound) as $action) {
            $job = $job->do($action, $evidence->simulator);
            $set = $set->after($job->steps[count($job->steps) - 1]);
        }
        $before = RepairPosterior::of($set, $set->shown(), $evidence->remedies)->byRemedy();
        foreach ($this->supplyAtTheSensor($evidence->simulator, $job) as $action) {
            $job = $job->do($action, $evidence->simulator);
            $set = $set->after($job->steps[count($job->steps) - 1]);
        }
        $after = RepairPosterior::of($set, $set->shown(), $evidence->remedies)->byRemedy();

        self::assertSame('repair-loom@FL', $evidence->remedies->name($job->car));
        self::assertGreaterThan(0.2, $before['repair-loom@FL'] ?? 0.0);
        self::assertGreaterThan(0.02, $after['repair-loom@FL'] ?? 0.0);
    }

    /** @return list<CarAction> */
    private function supplyAtTheSensor(Simulator $simulator, Job $job): array
    {
        $trials = array_filter((new Trials($simulator))->on($job->car->sound, $job->car->state), static fn (Trial $one): bool => $one->id === 'supply-at-sensor-wiggle-module-plug' && str_contains((string) json_encode($one->actions()), 'FL.sensor-plug'));

        return array_values($trials)[0]->actions();
    }
}
