<?php

declare(strict_types=1);

namespace Tests\Core\Chance;

use Lernfall\Chance\StepDown;
use PHPUnit\Framework\TestCase;

final class StepDownTest extends TestCase
{
    /** By hand: 0.001 against 0.05/4, 0.015 against 0.05/3, 0.03 against 0.05/2: there it ends, though 0.04 is below 0.05. */
    public function test_four_tests_by_hand(): void
    {
        self::assertSame(['third', 'first'], StepDown::found(['first' => 0.015, 'second' => 0.04, 'third' => 0.001, 'fourth' => 0.03], 0.05));
        self::assertSame([], StepDown::found(['first' => 0.03, 'second' => 0.04], 0.05));
    }
}
