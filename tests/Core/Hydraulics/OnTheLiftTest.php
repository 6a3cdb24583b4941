<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Temperatures;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\LiftOutcome;
use Lernfall\Hydraulics\LiftTest;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\RelayState;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Brakes\WheelLine;
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
    private const FOOT_NEWTONS = 95.0;

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
        $rest = BrakeState::atRest(SampleUnit::make());
        $pressed = $this->driven($wiring, [], Modulation::Increase, $rest);
        self::assertSame([], $pressed->free());

        $alone = fn (Modulation $modulation, BrakeState $from): array => array_values(array_filter(SampleWiring::CHANNELS, fn (string $channel): bool => in_array($channel, $this->driven($wiring, [$channel], $modulation, $from)->free(), true)));
        self::assertSame($oneByOne, $alone(Modulation::Reduce, $pressed->state));
        self::assertSame($asPair, $this->driven($wiring, ['FL', 'FR'], Modulation::Reduce, $pressed->state)->free());
        self::assertSame($heldFirst, $alone(Modulation::Hold, $rest));
    }

    public function test_the_pump_kicks_the_pedal_once_there_is_something_in_the_accumulators(): void
    {
        $wiring = SampleWiring::threePositions();
        $pressed = $this->driven($wiring, [], Modulation::Increase, BrakeState::atRest(SampleUnit::make()));
        $reduced = $this->driven($wiring, ['FL', 'FR'], Modulation::Reduce, $pressed->state);
        self::assertFalse($reduced->pumpRuns);
        $pump = new UnitOrder(pump: true);
        $kicked = $this->test($wiring)->commanded($reduced->state, self::FOOT_NEWTONS, $pump, self::electrical(), 1.0);
        self::assertTrue($kicked->pumpRuns);
        self::assertEqualsWithDelta(array_sum($reduced->state->accumulated), array_sum($reduced->state->displaced) + $this->refilled($reduced->state, $kicked->state) - array_sum($kicked->state->displaced), 1e-6, 'what was in the accumulators is back at the pedal');

        $dead = $wiring->withFeeds(pump: $wiring->pump->withWire(true));
        $silent = $this->test($dead)->commanded($reduced->state, self::FOOT_NEWTONS, $pump, self::electrical(), 1.0);
        self::assertFalse($silent->pumpRuns);
        self::assertLessThan($kicked->kickCentimetres, $silent->kickCentimetres);
        self::assertSame($reduced->state->accumulated, $silent->state->accumulated);
    }

    /** Cubic centimetres that went into the brakes again meanwhile. */
    private function refilled(BrakeState $from, BrakeState $to): float
    {
        return array_sum(array_map(static fn (WheelLine $line, float $before, float $after): float => $line->brake->volume->volume($after) - $line->brake->volume->volume($before), SampleUnit::make()->wheels, $from->bar, $to->bar));
    }

    /** @param  list<string>  $channels */
    private function driven(UnitWiring $wiring, array $channels, Modulation $modulation, BrakeState $from): LiftOutcome
    {
        $positions = array_merge([], ...array_map(static fn (string $channel): array => $wiring->driven($channel, $modulation), $channels));

        return $this->test($wiring)->commanded($from, self::FOOT_NEWTONS, UnitOrder::valves($positions), self::electrical(), 0.5);
    }

    private function test(UnitWiring $wiring): LiftTest
    {
        return new LiftTest(SampleUnit::make(), $wiring, SampleUnit::master(), 8.0, 60.0, 20.0);
    }

    private static function electrical(): ElectricalState
    {
        return new ElectricalState(true, 12.5, [], new Temperatures(20.0));
    }
}
