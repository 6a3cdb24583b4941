<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Solving;

use Closure;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Solving\Solvability;
use Lernfall\Evidence\Solving\Solver;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class SolverTest extends TestCase
{
    public function test_a_case_that_can_be_solved_has_a_path_with_its_price(): void
    {
        $steps = [];
        $found = $this->solved([['coil-open', 'FR']], function (int $done, int $of) use (&$steps): void {
            $steps[] = "$done/$of";
        });

        self::assertTrue($found->isSolvable());
        self::assertSame('replace-sensor@FR', $found->needed);
        self::assertSame([], $found->warnings());
        self::assertNotNull($found->shortest());
        self::assertContains('plug-corroded@FR', $found->apart);
        self::assertSame(['0/4', '1/4', '2/4', '3/4'], $steps);
    }

    public function test_two_faults_that_no_test_tells_apart_are_named_and_the_tool_that_would(): void
    {
        $found = $this->solved([['pump-dead', 'car']], withheld: ['trial-parts', 'meter', 'clamp']);

        self::assertSame(['pump-wire-open@car'], $found->together, 'a relay that is dead would not be heard to click');
        self::assertContains('not-told-apart', $found->warnings());
        self::assertFalse($found->isSolvable(), 'the cheaper wire goes first');
        self::assertSame(['meter' => ['pump-wire-open@car']], $found->tools);
        self::assertTrue($this->solved([['pump-dead', 'car']])->isSolvable(), 'the voltage at the motor tells');
    }

    public function test_a_code_that_gives_the_case_away_is_warned_of(): void
    {
        self::assertContains('given-away', $this->solved([['valve-winding-open', 'FL']])->warnings());
    }

    public function test_the_one_tool_that_would_tell_them_apart_is_named_where_it_is_withheld(): void
    {
        $open = [['coil-open', 'FR']];
        $without = $this->solved($open, withheld: ['meter', 'scope', 'jumpers', 'generator', 'bench-supply', 'swap', 'trial-parts']);

        self::assertContains('loom-open@FR', $without->together);
        self::assertContains('loom-open@FR', $without->tools['meter']);
        self::assertArrayNotHasKey('bench-supply', $without->tools);
        self::assertSame([], $this->solved($open)->tools);
    }

    /**
     * @param  list<array{string, string}>  $faults
     * @param  list<string>  $withheld
     */
    private function solved(array $faults, ?Closure $progress = null, array $withheld = []): Solvability
    {
        $case = Workbench::case($faults);
        $case = new FaultCase($case->name, $case->jobTitle, $case->complaint, $case->sound, $case->faults, withheld: $withheld);

        return (new Solver(Workbench::evidence(), 120.0))->of($case, new CaseKnowledge(lampTold: true), $progress);
    }
}
