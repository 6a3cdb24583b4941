<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeUnit;
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
     * @return array<string, array{string, string, float, array<string, string>}> kind of fault, its place and strength, what differs from a sound car
     */
    public static function faults(): array
    {
        return [
            'outlet winding open' => ['valve-winding-open', 'FL', 0.0, ['ohms' => 'open', 'amperes' => 'none', 'reduce' => 'held', 'reduce two' => 'RR']],
            'inlet winding open' => ['inlet-winding-open', 'FL', 0.0, ['reduce' => 'held', 'reduce two' => 'RR', 'hold first' => 'held']],
            'valves stuck' => ['valve-stuck', 'FL', 0.0, ['reduce' => 'held', 'reduce two' => 'RR', 'hold first' => 'held']],
            'outlet stuck shut' => ['outlet-stuck-shut', 'FL', 0.0, ['reduce' => 'held', 'reduce two' => 'RR']],
            'inlet stuck open' => ['inlet-stuck-open', 'FL', 0.0, ['reduce' => 'held', 'reduce two' => 'RR', 'hold first' => 'held']],
            // a front brake that takes nothing leaves the pedal higher
            'inlet stuck shut' => ['inlet-stuck-shut', 'FL', 0.0, ['pedal, wheel' => 'free', 'pedal' => 'hard', 'bench' => 'nothing']],
            'valve relay dead' => ['valve-relay-dead', 'car', 0.0, ['amperes' => 'none', 'drop, one' => 'all', 'drop, two' => 'all', 'reduce' => 'held', 'reduce two' => '', 'hold first' => 'held', 'kick' => 'none']],
            'valve relay burnt' => ['valve-relay-burnt', 'car', 4.0, ['amperes' => 'low', 'drop, one' => 'large', 'drop, two' => 'large', 'reduce' => 'held', 'reduce two' => '', 'kick' => 'none']],
            'fuse of the valves blown' => ['valve-fuse-blown', 'car', 0.0, ['amperes' => 'none', 'drop, one' => 'none', 'drop, two' => 'none', 'reduce' => 'held', 'reduce two' => '', 'hold first' => 'held', 'kick' => 'none']],
            'ground rusty' => ['unit-ground-rusty', 'car', 2.5, ['amperes' => 'low', 'reduce' => 'held', 'reduce two' => '', 'pump' => 'silent', 'kick' => 'none']],
            'pump dead' => ['pump-dead', 'car', 0.0, ['pump' => 'silent', 'kick' => 'none']],
            'wire to the pump broken' => ['pump-wire-open', 'car', 0.0, ['pump' => 'silent', 'kick' => 'none']],
            'pump relay dead' => ['pump-relay-dead', 'car', 0.0, ['pump' => 'silent', 'kick' => 'none']],
            'pump relay welded' => ['pump-relay-welded', 'car', 0.0, ['pump' => 'runs on', 'kick' => 'none']],
        ];
    }

    /** @param  array<string, string>  $differs */
    #[DataProvider('faults')]
    public function test_what_is_wrong_shows_where_it_should_on_every_car(string $kind, string $place, float $strength, array $differs): void
    {
        foreach (array_keys(self::cars()) as $car) {
            $vehicle = Workbench::vehicle($car);
            if (! Workbench::catalogue()->entry($kind)->kind->isFoundOn($vehicle)) {
                self::assertSame(['brack-22', 'pump-wire-open'], [$car, $kind], 'inside the housing there is no such wire');

                continue;
            }
            $sound = self::trial($vehicle->brakeParts);
            $usual = $sound->shows($sound);
            $faulty = Workbench::catalogue()->fault($vehicle, $kind, $place, '', $strength)->applyTo($vehicle);

            self::assertSame([...$usual, ...$differs], self::trial($faulty->brakeParts)->shows($sound), $car);
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

        return new UnitOnTrial($parts->unit->hydraulics, $parts->unit->wiring, $parts->unit->master);
    }
}
