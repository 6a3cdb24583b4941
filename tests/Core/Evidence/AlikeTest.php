<?php

declare(strict_types=1);

namespace Tests\Core\Evidence;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Evidence\Advice\CandidateTests;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Belief\Distinguishability;
use Lernfall\Evidence\Preview\TestComparison;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Faults of the hydraulic unit that the catalogue says no test of a standing car tells apart, and others that seem alike and are told by one. */
final class AlikeTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, bool}> car, two kinds at its front left wheel, and whether a test tells them apart */
    public static function pairs(): iterable
    {
        foreach (['harl-13', 'lendo-15', 'brack-22', 'mirl-10'] as $car) {
            yield "$car, outlet blocked or stuck" => [$car, 'outlet-stuck-shut', 'outlet-throttled', false];
            yield "$car, leaking outlet or worn seals" => [$car, 'outlet-leaking', 'master-bypassing', true];
        }
        yield 'isolation or priming stuck' => ['lendo-15', 'isolation-stuck-open', 'priming-stuck-shut', false];
        yield 'isolation stuck or without a winding' => ['lendo-15', 'isolation-stuck-open', 'isolation-winding-open', true];
        // both keep their accumulator full, but only the dead half builds up nothing
        yield 'half a pump dead or kept from its accumulator' => ['lendo-15', 'pump-half-dead', 'priming-leaking', true];
        yield 'outlet stuck or without a winding, pads outside' => ['harl-13', 'outlet-stuck-shut', 'valve-winding-open', true];
        // a code parts them: the module feels the current of a winding nobody else can get at
        yield 'outlet stuck or without a winding, one housing' => ['brack-22', 'outlet-stuck-shut', 'valve-winding-open', true];
    }

    #[DataProvider('pairs')]
    public function test_what_the_catalogue_calls_alike_no_test_tells_apart(string $car, string $one, string $other, bool $isToldApart): void
    {
        $sound = Workbench::vehicle($car);
        $tests = new CandidateTests(Workbench::simulator()->procedures);
        $telling = [];
        foreach ([...array_map(static fn (CandidateTest $test): array => [$test, 'FL'], $tests->of($sound, $sound->channel('FL'))), ...array_map(static fn (CandidateTest $test): array => [$test, Vehicle::WHOLE], $tests->ofTheWholeCar($sound))] as [$test, $place]) {
            if (self::tells($test, self::car($sound, $one), self::car($sound, $other))) {
                $telling[] = "$test->id at $place";
            }
        }
        self::assertSame($isToldApart, $telling !== [], implode(', ', $telling));
        self::assertSame(! $isToldApart, in_array($other, Workbench::catalogue()->alike($one), true));
        if (! $isToldApart) {
            $remedies = new Remedies(Workbench::simulator());
            self::assertSame($remedies->name(self::car($sound, $one)), $remedies->name(self::car($sound, $other)), 'one repair mends both');
        }
    }

    private static function tells(CandidateTest $test, Car $one, Car $other): bool
    {
        $cell = TestComparison::cell($test, $one, $other, Workbench::simulator());

        return array_filter($test->features, static fn (string $name): bool => Distinguishability::predictions($cell->faulty[$name], $cell->healthy[$name])) !== [];
    }

    private static function car(Vehicle $sound, string $kind): Car
    {
        $place = Workbench::catalogue()->entry($kind)->kind->places($sound)[0];
        $strengths = Workbench::catalogue()->entry($kind)->strengths;

        return CustomerHistory::of(Car::hypothesis(Workbench::catalogue()->fault($sound, $kind, $place, '', $kind === 'outlet-throttled' ? $strengths[0] : $strengths[count($strengths) - 1])->applyTo($sound), $sound));
    }
}
