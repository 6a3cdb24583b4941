<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Module\CodeStatus;
use Lernfall\Module\StatusByte;
use PHPUnit\Framework\TestCase;

/** Against the definitions of the status bits in ISO 14229-1, annex on the status of trouble codes (recalled from memory). */
final class StatusByteTest extends TestCase
{
    public function test_after_clearing_nothing_has_failed_and_nothing_is_tested(): void
    {
        self::assertSame('50', StatusByte::cleared()->text());
        self::assertFalse(StatusByte::cleared()->isTestedSinceClearing());
        self::assertNull(StatusByte::cleared()->wording());
    }

    public function test_a_failure_that_confirms_sets_six_bits_and_ends_both_not_completed(): void
    {
        $failed = StatusByte::cleared()->failed(true);

        self::assertSame('AF', $failed->text());
        self::assertSame(CodeStatus::Present, $failed->wording());
        self::assertTrue($failed->asksForLamp());
    }

    public function test_a_failure_not_yet_confirmed_is_pending_and_lights_nothing(): void
    {
        $failed = StatusByte::cleared()->failed(false);

        self::assertSame('27', $failed->text());
        self::assertSame(CodeStatus::Pending, $failed->wording());
        self::assertFalse($failed->asksForLamp());
    }

    public function test_the_next_cycle_waits_for_its_test_and_a_pass_makes_it_history(): void
    {
        $next = StatusByte::cleared()->failed(true)->inNewCycle();
        self::assertSame('ED', $next->text());
        self::assertSame(CodeStatus::Present, $next->wording(), 'failed when last tested');

        $passed = $next->passed(lampGoesOut: true);
        self::assertSame('2C', $passed->text());
        self::assertSame(CodeStatus::History, $passed->wording());
        self::assertSame('68', $passed->inNewCycle()->text(), 'a whole cycle without failure ends pending');
    }

    public function test_pending_outlives_a_cycle_that_did_not_test_it(): void
    {
        $untested = StatusByte::cleared()->failed(false)->inNewCycle()->inNewCycle();

        self::assertSame(CodeStatus::Pending, $untested->wording());
        self::assertNull($untested->passed(true)->inNewCycle()->wording());
    }

    public function test_the_lamp_can_be_kept_although_the_test_passes(): void
    {
        $passed = StatusByte::cleared()->failed(true)->passed(lampGoesOut: false);

        self::assertTrue($passed->asksForLamp());
        self::assertFalse($passed->withoutLamp()->asksForLamp());
    }
}
