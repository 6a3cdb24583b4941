<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use Lernfall\LernfallException;
use LogicException;
use PHPUnit\Framework\TestCase;
use Throwable;

/** What a house needs so that one finds the room for a change: stairs that lead down only, and small circles. */
final class DependenciesTest extends TestCase
{
    /** From the ground up; a folder may know those before it. */
    private const LAYERS = ['Document', 'Chance', 'Vehicle', 'Signal', 'Fault', 'Circuit', 'Hydraulics', 'Module', 'Sensor', 'Road', 'Drive', 'Bay', 'Evidence', 'Calibration', 'Lab', 'Marking', 'Format'];

    /** What a folder may not know although it lies below: they see a vehicle, not what is wrong with it. */
    private const BLIND_TO_FAULTS = ['Circuit', 'Signal', 'Sensor', 'Module', 'Road', 'Drive'];

    private const GREATEST_CIRCLE = 3;

    public function test_every_folder_has_its_place_and_knows_only_what_lies_below(): void
    {
        $seen = [];
        foreach (Dependencies::ofTheCore()->of as $class => $named) {
            $layer = self::layer($class);
            if ($layer === '') {
                continue;
            }
            $seen[$layer] = true;
            $height = array_search($layer, self::LAYERS, true);
            self::assertNotFalse($height, "$layer has no place among the layers");
            foreach ($named as $other) {
                $below = self::layer($other);
                self::assertTrue($below === '' || (int) array_search($below, self::LAYERS, true) <= $height, "$class knows $other, which lies above");
                self::assertFalse($below === 'Fault' && in_array($layer, self::BLIND_TO_FAULTS, true), "$class knows $other");
            }
        }

        self::assertEqualsCanonicalizing(self::LAYERS, array_keys($seen));
    }

    public function test_no_folders_lead_round_in_a_circle(): void
    {
        $all = Dependencies::ofTheCore();

        self::assertSame([], $all->circlesOf(self::layer(...)));
        self::assertSame([], $all->circlesOf(static fn (string $class): string => preg_match('~^Lernfall\\\\Bay\\\\(\w+)\\\\~', $class, $part) === 1 ? $part[1] : ''), 'rooms of the bay');
        self::assertSame([], $all->circlesOf(static fn (string $class): string => preg_match('~^Lernfall\\\\Evidence\\\\(\w+)\\\\~', $class, $part) === 1 ? $part[1] : ''), 'rooms of the evidence');
    }

    public function test_no_circle_of_classes_is_large(): void
    {
        foreach (Dependencies::ofTheCore()->circles() as $circle) {
            self::assertLessThanOrEqual(self::GREATEST_CIRCLE, count($circle), implode(', ', $circle));
        }
    }

    /** Data names technologies; code outside their rooms asks what a sensor does. */
    public function test_nobody_outside_names_a_kind_of_sensor(): void
    {
        foreach (Dependencies::ofTheCore()->of as $class => $named) {
            foreach (str_starts_with($class, 'Lernfall\\Sensor\\') ? [] : $named as $other) {
                self::assertDoesNotMatchRegularExpression('~^Lernfall\\\\Sensor\\\\\w+\\\\~', $other, $class);
            }
        }
    }

    /** Only one place knows all procedures. */
    public function test_rooms_are_named_in_one_list_only(): void
    {
        foreach (Dependencies::ofTheCore()->of as $class => $named) {
            foreach ($class === 'Lernfall\\Bay\\Rooms' ? [] : $named as $other) {
                self::assertFalse(str_ends_with($other, 'Procedure') && ! str_starts_with($other, 'Lernfall\\Bay\\Contract\\'), "$class names $other");
            }
        }
    }

    /** Whoever calls the core can catch all it throws on purpose by one name. */
    public function test_every_exception_stands_under_one_root(): void
    {
        $thrown = array_filter(array_keys(Dependencies::ofTheCore()->of), static fn (string $class): bool => is_subclass_of($class, Throwable::class));

        self::assertGreaterThan(5, count($thrown));
        foreach ($thrown as $class) {
            self::assertTrue(is_a($class, LernfallException::class, true), $class);
        }
    }

    /** A constructor's own; what is left is a mistake in the program and says so by LogicException. */
    public function test_nothing_of_the_language_is_thrown_instead(): void
    {
        foreach (Dependencies::sources() as $class => $source) {
            self::assertDoesNotMatchRegularExpression('~throw new (?!self|LogicException)~', $source, $class);
        }
    }

    private static function layer(string $class): string
    {
        $parts = explode('\\', $class);

        return count($parts) > 2 ? $parts[1] : '';
    }
}
