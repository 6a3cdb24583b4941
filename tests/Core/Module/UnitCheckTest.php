<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Temperatures;
use Lernfall\Module\Failure;
use Lernfall\Module\UnitCheck;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\UnitLimits;
use Lernfall\Vehicle\Brakes\UnitWiring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleWiring;

/** What a module finds of valves, relays and pump by currents, and what it cannot find. */
final class UnitCheckTest extends TestCase
{
    /**
     * Expected from how such checks work (common practice, no source).
     *
     * @return array<string, array{UnitWiring, array<string, string>, ?string}> at key-on, by part; of the pump
     */
    public static function faults(): array
    {
        $wiring = SampleWiring::threePositions();
        $coil = $wiring->coils['FL.valve'];
        $valves = static fn (RelayState $relay, ?float $ohms = null): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withRelay($relay, $ohms));
        $pump = static fn (RelayState $relay, ?float $ohms = null): UnitWiring => $wiring->withFeeds(pump: $wiring->pump->withRelay($relay, $ohms));

        return [
            'sound' => [$wiring, [], null],
            'winding open' => [$wiring->withCoil('FL.valve', $coil->broken()), ['FL.valve' => 'open'], null],
            'winding far too high' => [$wiring->withCoil('FL.valve', $coil->withOhms(15.0)), ['FL.valve' => 'open'], null],
            'winding too high to reduce, enough to hold' => [$wiring->withCoil('FL.valve', $coil->withOhms(4.0)), [], null],
            'relay of the valves dead: no winding is blamed' => [$valves(RelayState::Dead), ['valve-relay' => 'open'], null],
            'relay of the valves welded' => [$valves(RelayState::Welded), ['valve-relay' => 'stuck'], null],
            'its contact burnt, 1.5 ohms: one winding gets enough' => [$valves(RelayState::Works, 1.5), [], null],
            'fuse of the valves blown' => [$wiring->withFeeds(valves: $wiring->valves->withFuse(true)), ['valve-relay' => 'open'], null],
            'relay of the pump dead' => [$pump(RelayState::Dead), [], 'open'],
            'relay of the pump welded' => [$pump(RelayState::Welded), [], 'stuck'],
            'its contact burnt, 1 ohm' => [$pump(RelayState::Works, 1.0), [], 'open'],
            'motor wire broken' => [$wiring->withFeeds(pump: $wiring->pump->withWire(true)), [], 'open'],
        ];
    }

    /** @param  array<string, string>  $atKeyOn */
    #[DataProvider('faults')]
    public function test_the_module_finds_by_currents_what_currents_tell(UnitWiring $wiring, array $atKeyOn, ?string $pump): void
    {
        $check = new UnitCheck(SampleWiring::threePositions(), new UnitLimits, 20.0);
        $state = new ElectricalState(true, 12.5, [], new Temperatures(20.0));
        $found = array_map(static fn (array $one): string => $one[0]->value, array_filter($check->atKeyOn($wiring, $state), static fn (array $one): bool => $one[1]));
        [$failure, $isFound] = $check->onPullingAway($wiring, $state);

        self::assertSame($atKeyOn, $found);
        self::assertSame($pump, $isFound ? $failure->value : null);
    }

    public function test_an_empty_battery_is_not_taken_for_open_windings(): void
    {
        $check = new UnitCheck(SampleWiring::threePositions(), new UnitLimits, 20.0);
        $found = $check->atKeyOn(SampleWiring::threePositions(), new ElectricalState(true, 9.0, [], new Temperatures(20.0)));

        self::assertSame([], array_filter($found, static fn (array $one): bool => $one[1]));
        self::assertSame(Failure::Open, $found['FL.valve'][0]);
    }
}
