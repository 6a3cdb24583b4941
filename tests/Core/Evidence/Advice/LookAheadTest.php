<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Evidence\Advice\LookAhead;
use Lernfall\Evidence\Advice\RepairCost;
use Lernfall\Evidence\Advice\TestValue;
use Lernfall\Evidence\Advice\Trial;
use PHPUnit\Framework\TestCase;

/**
 * Worked by hand. Four cars, equally likely, two remedies at 100 each, proof 10, a needless repair 120 besides:
 * repairing now costs 110 + ½ · (120 + 110) = 225.
 */
final class LookAheadTest extends TestCase
{
    private const REMEDIES = ['loom', 'sensor', 'sensor', 'loom'];

    /** Each test alone leaves both remedies even; both together tell all four cars apart: 5 + 5 + 110 = 120. */
    public function test_two_tests_that_tell_nothing_alone_pay_together(): void
    {
        $corner = $this->test('corner', 5.0, ['left', 'left', 'right', 'right']);
        $part = $this->test('part', 5.0, ['high', 'low', 'high', 'low']);
        $best = $this->ahead()->best([$corner, $part]);

        self::assertNotNull($best);
        self::assertEqualsWithDelta(120.0, $best->costAfter, 1e-9);
    }

    /**
     * "Right" is the hub (110); after "left" the second test pays (5 + 110): 5 + ½ · 110 + ½ · 115 = 117.50.
     * The other way round: 5 + ¼ · 110 + ¾ · 115 = 118.75.
     */
    public function test_the_second_is_made_only_where_it_pays(): void
    {
        $side = $this->test('side', 5.0, ['left', 'left', 'right', 'right']);
        $part = $this->test('part', 5.0, ['high', 'low', 'high', 'high']);
        $best = (new LookAhead([0.25, 0.25, 0.25, 0.25], ['loom', 'sensor', 'hub', 'hub'], $this->cost()))->best([$part, $side]);

        self::assertSame('side', $best?->trial->id);
        self::assertEqualsWithDelta(117.5, $best->costAfter, 1e-9);
    }

    public function test_one_test_is_no_row(): void
    {
        self::assertNull($this->ahead()->best([$this->test('corner', 5.0, ['left', 'left', 'right', 'right'])]));
    }

    private function ahead(): LookAhead
    {
        return new LookAhead([0.25, 0.25, 0.25, 0.25], self::REMEDIES, $this->cost());
    }

    private function cost(): RepairCost
    {
        return new RepairCost(['loom' => 100.0, 'sensor' => 100.0, 'hub' => 100.0], 10.0, 120.0);
    }

    /**
     * @param  list<string>  $shows  car by car
     * @return array{TestValue, list<array<string, float>>}
     */
    private function test(string $id, float $cost, array $shows): array
    {
        return [
            new TestValue(new Trial($id, 'FR', [], [new LookAtLamps], [], $cost, $cost, []), 0.0, $cost + 225.0),
            array_map(static fn (string $outcome): array => [$outcome => 1.0], $shows),
        ];
    }
}
