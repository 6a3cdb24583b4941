<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** A value of very many parts is several values. */
final class ConstructorsTest extends TestCase
{
    private const MOST_PARAMETERS = 9;

    public function test_no_constructor_takes_more_than_a_few_parameters(): void
    {
        $classes = array_keys(Dependencies::ofTheCore()->of);
        self::assertGreaterThan(400, count($classes));
        foreach ($classes as $class) {
            self::assertTrue(class_exists($class) || interface_exists($class), $class);
            $own = (new ReflectionClass($class))->getConstructor();
            self::assertLessThanOrEqual(self::MOST_PARAMETERS, $own?->getNumberOfParameters() ?? 0, $class);
        }
    }
}
