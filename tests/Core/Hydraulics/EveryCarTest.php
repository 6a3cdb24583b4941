<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Hydraulics\UnitAsItIs;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\PartState;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\UnitOnTrial;
use Tests\Support\Workbench;

/** The hydraulic units of the cars there are, sound and with what can be wrong with their parts, put through every test of a standing car. */
final class EveryCarTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function cars(): array
    {
        return ['harl-13' => ['harl-13'], 'lendo-15' => ['lendo-15'], 'brack-22' => ['brack-22']];
    }

    #[DataProvider('cars')]
    public function test_nothing_is_found_at_a_sound_car(string $car): void
    {
        $sound = self::trial(Workbench::vehicle($car)->brakeParts);

        self::assertSame('sound sound small small held free FL+RR free runs kick firm equal', implode(' ', $sound->shows($sound)));
    }

    /**
     * Expected as the bay had it in words before it was computed.
     *
     * @return array<string, array{string, PartState, array<string, string>}> part, its state, what differs from a sound car
     */
    public static function faults(): array
    {
        return [
            'winding open' => [BrakeParts::valves('FL'), PartState::Open, ['ohms' => 'open', 'amperes' => 'none', 'reduce' => 'held', 'reduce two' => 'RR']],
            'valves stuck' => [BrakeParts::valves('FL'), PartState::Stuck, ['reduce' => 'held', 'reduce two' => 'RR', 'hold first' => 'held']],
            'valve relay dead' => [BrakeParts::VALVE_RELAY, PartState::Open, ['amperes' => 'none', 'drop, one' => 'all', 'drop, two' => 'all', 'reduce' => 'held', 'reduce two' => '', 'hold first' => 'held', 'kick' => 'none']],
            'pump dead' => [BrakeParts::PUMP, PartState::Open, ['pump' => 'silent', 'kick' => 'none']],
            'pump relay dead' => [BrakeParts::PUMP_RELAY, PartState::Open, ['pump' => 'silent', 'kick' => 'none']],
        ];
    }

    /** @param  array<string, string>  $differs */
    #[DataProvider('faults')]
    public function test_what_is_wrong_shows_where_it_should_on_every_car(string $part, PartState $state, array $differs): void
    {
        foreach (array_keys(self::cars()) as $car) {
            $parts = Workbench::vehicle($car)->brakeParts;
            $sound = self::trial($parts);
            $usual = $sound->shows($sound);

            self::assertSame([...$usual, ...$differs], self::trial($parts->with($part, $state))->shows($sound), $car);
        }
    }

    public function test_only_the_car_with_isolation_and_priming_brakes_without_the_pedal(): void
    {
        $builds = array_map(static fn (array $car): bool => self::trial(Workbench::vehicle($car[0])->brakeParts)->buildsUp(), self::cars());

        self::assertSame(['harl-13' => false, 'lendo-15' => true, 'brack-22' => false], $builds);
    }

    private static function trial(BrakeParts $parts): UnitOnTrial
    {
        self::assertInstanceOf(BrakeUnit::class, $parts->unit);
        $unit = UnitAsItIs::of($parts, $parts->unit);

        return new UnitOnTrial($unit->hydraulics, $unit->wiring, $unit->master);
    }
}
