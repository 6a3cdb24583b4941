<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Circuit\UnitOrder;
use Lernfall\Hydraulics\BrakeMachine;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\Moved;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\UnitWiring;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleUnit;
use Tests\Support\SampleWiring;

/**
 * Pedal held by a helper, valves driven by the tool, wheels tried by hand: what wires do wrong shows at the wheels.
 *
 * The expected lines were written down before the first run, from how such faults are told apart in the trade (common practice, no source).
 */
final class OnTheLiftTest extends TestCase
{
    private const PEDAL_BAR = 40.0;

    /** From here a wheel cannot be turned by hand. */
    private const HELD_NEWTON_METRES = 60.0;

    /**
     * Reduced one by one: which wheels let go; then the fronts as a pair; then held before the pedal: which stay free.
     *
     * @return array<string, array{callable(UnitWiring): UnitWiring, list<string>, list<string>, list<string>}>
     */
    public static function faults(): array
    {
        $all = SampleWiring::CHANNELS;
        $burnt = static fn (float $ohms): callable => static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Works, $ohms));

        return [
            'sound' => [static fn (UnitWiring $wiring): UnitWiring => $wiring, $all, ['FL', 'FR'], $all],
            'relay of the valves dead' => [static fn (UnitWiring $wiring): UnitWiring => $wiring->withFeeds(valves: $wiring->valves->withRelay(RelayState::Dead)), [], [], []],
            'its contact burnt, 1.5 ohms' => [$burnt(1.5), $all, [], $all],
            'its contact burnt, 3 ohms' => [$burnt(3.0), [], [], $all],
            'winding open, front left' => [static fn (UnitWiring $wiring): UnitWiring => $wiring->withCoil('FL.valve', $wiring->coils['FL.valve']->broken()), ['FR', 'RL', 'RR'], ['FR'], ['FR', 'RL', 'RR']],
            'winding high, front left, 4 ohms' => [static fn (UnitWiring $wiring): UnitWiring => $wiring->withCoil('FL.valve', $wiring->coils['FL.valve']->withOhms(4.0)), ['FR', 'RL', 'RR'], ['FR'], $all],
            'ground of the unit rusty, 1.5 ohms' => [static fn (UnitWiring $wiring): UnitWiring => $wiring->withRust(1.5), $all, [], $all],
        ];
    }

    /**
     * @param  callable(UnitWiring): UnitWiring  $wrong
     * @param  list<string>  $oneByOne
     * @param  list<string>  $asPair
     * @param  list<string>  $heldFirst
     */
    #[DataProvider('faults')]
    public function test_wheels_tell_what_the_wires_do(callable $wrong, array $oneByOne, array $asPair, array $heldFirst): void
    {
        $wiring = $wrong(SampleWiring::threePositions());
        $free = fn (BrakeState $state): array => array_keys(array_filter($state->bar, fn (float $bar, string $channel): bool => ! $this->isHeld($channel, $bar), ARRAY_FILTER_USE_BOTH));
        $pressed = $this->driven($wiring, [], Modulation::Increase, BrakeState::atRest(SampleUnit::make()));

        self::assertSame($oneByOne, array_values(array_filter(SampleWiring::CHANNELS, fn (string $channel): bool => in_array($channel, $free($this->driven($wiring, [$channel], Modulation::Reduce, $pressed)), true))));
        self::assertSame($asPair, $free($this->driven($wiring, ['FL', 'FR'], Modulation::Reduce, $pressed)));
        self::assertSame($heldFirst, array_values(array_filter(SampleWiring::CHANNELS, fn (string $channel): bool => in_array($channel, $free($this->driven($wiring, [$channel], Modulation::Hold, BrakeState::atRest(SampleUnit::make()))), true))));
    }

    private function isHeld(string $channel, float $bar): bool
    {
        return SampleUnit::make()->wheels[$channel]->brake->torqueNewtonMetres($bar) > self::HELD_NEWTON_METRES;
    }

    /** @param  list<string>  $channels */
    private function driven(UnitWiring $wiring, array $channels, Modulation $modulation, BrakeState $from): BrakeState
    {
        $positions = array_merge([], ...array_map(static fn (string $channel): array => $wiring->driven($channel, $modulation), $channels));
        $moved = Moved::by(SampleWiring::solved($wiring, UnitOrder::valves($positions)), $wiring, SampleUnit::make());

        return (new BrakeMachine(SampleUnit::make()))->after($from, self::PEDAL_BAR, $moved, 0.5);
    }
}
