<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Circuit\InputVoltages;
use Lernfall\Module\Failure;
use Lernfall\Module\KeyOnCheck;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class KeyOnCheckTest extends TestCase
{
    /** @return array<string, array{InputVoltages, ?Failure}> */
    public static function voltages(): array
    {
        return [
            'a sensor between the wires' => [new InputVoltages(2.8, 2.2), null],
            'nothing between the wires' => [new InputVoltages(4.55, 0.45), Failure::Open],
            'the first wire on the body' => [new InputVoltages(0.0, 0.0), Failure::ShortToGround],
            'just within the limit' => [new InputVoltages(3.1, 1.85), null],
        ];
    }

    #[DataProvider('voltages')]
    public function test_the_bias_voltages_tell_what_is_wrong(InputVoltages $voltages, ?Failure $expected): void
    {
        $check = new KeyOnCheck(Workbench::vehicle()->module->monitors);
        $seen = array_values(array_filter(Failure::cases(), static fn (Failure $failure): bool => $check->sees($failure, Workbench::vehicle()->channel('FL')->input, $voltages, 0.0)));

        self::assertSame($expected === null ? [] : [$expected], $seen);
    }

    public function test_a_module_with_wider_limits_lets_more_pass(): void
    {
        $check = new KeyOnCheck(Workbench::vehicle()->module->monitors);
        $border = new InputVoltages(3.16, 1.84);

        self::assertTrue($check->sees(Failure::Open, Workbench::vehicle()->channel('FL')->input, $border, 0.0));
        self::assertFalse($check->sees(Failure::Open, Workbench::vehicle()->channel('FL')->input, $border, 1.0));
    }
}
