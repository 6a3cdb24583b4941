<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Chance\Draw;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Considered;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Solving\AdviceFollower;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Leaving out the tests that could not lead changes neither which leads nor what testing on costs. */
final class BriefTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function cars(): iterable
    {
        yield from Sweep::of([
            'harl-13 loom-open' => ['harl-13', 'loom-open', 'FL'],
            'lendo-15 sensor-dead' => ['lendo-15', 'sensor-dead', 'RR'],
            'brack-22 pump-dead' => ['brack-22', 'pump-dead', 'car'],
            'mirl-10 gap-large' => ['mirl-10', 'gap-large', 'FR'],
        ], 1);
    }

    #[DataProvider('cars')]
    public function test_the_same_test_leads_at_the_same_cost(string $car, string $kind, string $place): void
    {
        $vehicle = Workbench::vehicle($car);
        $case = Workbench::case([[$kind, $place, $vehicle->hasChannel($place) && str_starts_with($kind, 'loom') ? $vehicle->channel($place)->conductors[0]->id : '']], $vehicle);
        $evidence = Workbench::evidence()->of($case, new CaseKnowledge(lampTold: true));
        $played = Played::on($case, 'brief')->do(...AdviceFollower::firstLook($vehicle));
        $draw = new Draw("brief $car");
        for ($test = 0; $test < 3; $test++) {
            $set = $evidence->beginning();
            foreach ($played->job->steps as $step) {
                $set = $set->after($step);
            }
            $this->compare($evidence->adviser(120.0)->considered($set, $set->shown()), $evidence->adviser(120.0)->considered($set, $set->shown()), $set);
            $trials = (new Trials($evidence->simulator))->on($vehicle, $played->job->car->state);
            $played->do(...$trials[(int) ($draw->uniform("$test") * count($trials))]->actions());
        }
    }

    private function compare(Considered $one, Considered $other, HypothesisSet $set): void
    {
        $full = $one->advice();
        $brief = $other->brief();
        self::assertLessThanOrEqual(count($full->tests), count($brief->tests));
        self::assertSame($this->leading($full), $this->leading($brief));
        self::assertEqualsWithDelta($full->costOfTesting() ?? -1.0, $brief->costOfTesting() ?? -1.0, 1e-6);
        $cost = $full->costOfTesting() ?? 100.0;
        self::assertSame($full->costOfTesting() !== null, $other->isTestingCheaper(1.001 * $cost, $set->shown()));
        self::assertFalse($other->isTestingCheaper(0.999 * $cost, $set->shown()));
    }

    private function leading(Advice $advice): string
    {
        $first = $advice->tests[0] ?? null;

        return $first === null ? '' : "{$first->trial->id} {$first->trial->place}";
    }
}
