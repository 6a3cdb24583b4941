<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Module\CodeStatus;
use Lernfall\Module\Failure;
use Lernfall\Module\Memory;
use PHPUnit\Framework\TestCase;

final class MemoryTest extends TestCase
{
    public function test_a_code_is_present_then_history_when_its_test_passes(): void
    {
        $memory = Memory::empty()->set('FR', Failure::Open);
        self::assertSame(CodeStatus::Present, $memory->status('FR', Failure::Open));
        self::assertTrue($memory->hasPresentElectrical('FR'));

        $passed = $memory->passed('FR', Failure::Open);
        self::assertSame(CodeStatus::History, $passed->status('FR', Failure::Open));
        self::assertFalse($passed->hasPresent());
        self::assertFalse($passed->isEmpty());
    }

    public function test_a_passed_test_leaves_no_trace_where_nothing_was_stored(): void
    {
        self::assertTrue(Memory::empty()->passed('FR', Failure::NoSignal)->isEmpty());
    }

    public function test_a_fault_found_while_driving_is_not_electrical(): void
    {
        $memory = Memory::empty()->set('FL', Failure::Erratic);

        self::assertTrue($memory->hasPresent());
        self::assertFalse($memory->hasPresentElectrical('FL'));
        self::assertNull($memory->status('FR', Failure::Erratic));
    }

    public function test_memories_are_equal_whatever_the_order_of_finding(): void
    {
        self::assertEquals(
            Memory::empty()->set('FL', Failure::Open)->set('RR', Failure::NoSignal),
            Memory::empty()->set('RR', Failure::NoSignal)->set('FL', Failure::Open),
        );
    }
}
