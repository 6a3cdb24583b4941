<?php

declare(strict_types=1);

namespace Tests\Core\Hydraulics;

use Lernfall\Hydraulics\BrakeMachine;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\Moved;
use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\Sticking;
use Lernfall\Vehicle\Brakes\Valve;
use Lernfall\Vehicle\Brakes\WheelLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleUnit;

/** What pedal, valves and pump do to the brakes; where the fluid goes. */
final class BrakeMachineTest extends TestCase
{
    private HydraulicUnit $unit;

    protected function setUp(): void
    {
        $this->unit = SampleUnit::make();
    }

    public function test_the_pedal_presses_on_every_wheel_and_lets_go(): void
    {
        $pressed = $this->braked(60.0);
        foreach ($pressed->bar as $bar) {
            self::assertEqualsWithDelta(60.0, $bar, 0.01);
        }
        $let = $this->machine()->after($pressed, 0.0, Moved::nothing(), 1.0);
        foreach ($let->bar as $bar) {
            self::assertLessThan(0.05, $bar);
        }
        self::assertEqualsWithDelta(0.0, array_sum($let->displaced), 0.02, 'what the pedal gave has come back');
    }

    public function test_hold_before_the_pedal_keeps_a_wheel_free_and_hold_after_it_keeps_the_pressure(): void
    {
        $kept = $this->machine()->after(BrakeState::atRest($this->unit), 60.0, Moved::hold('FL'), 0.5);
        self::assertSame(0.0, $kept->bar['FL']);
        self::assertEqualsWithDelta(60.0, $kept->bar['FR'], 0.01);

        $held = $this->machine()->after($this->braked(60.0), 90.0, Moved::hold('FL'), 0.5);
        self::assertEqualsWithDelta(60.0, $held->bar['FL'], 0.01);
        self::assertEqualsWithDelta(90.0, $held->bar['FR'], 0.01);
    }

    public function test_a_brake_empties_past_its_shut_inlet_as_the_pedal_is_let_go(): void
    {
        $let = $this->machine()->after($this->braked(60.0), 0.0, Moved::hold('FL'), 1.0);
        self::assertLessThan(0.05, $let->bar['FL'], 'through the check valve');
    }

    public function test_reduce_lets_a_wheel_go_and_fills_the_accumulator(): void
    {
        $braked = $this->braked(30.0);
        $reduced = $this->machine()->after($braked, 30.0, Moved::reduce('FL'), 0.5);
        self::assertLessThan(2.0, $reduced->bar['FL']);
        self::assertEqualsWithDelta(30.0, $reduced->bar['RR'], 0.01);
        $left = $this->unit->wheels['FL']->brake->volume;
        self::assertEqualsWithDelta($left->volume(30.0) - $left->volume($reduced->bar['FL']), $reduced->accumulated['first'], 1e-6, 'what has left the brake is in the accumulator');
        self::assertSame(0.0, $reduced->accumulated['second']);
    }

    /** The accumulator lasts from one test to the next: full, it looks like an outlet that sits fast. */
    public function test_a_full_accumulator_holds_the_wheel_until_the_pump_has_run(): void
    {
        $state = $this->braked(60.0);
        for ($times = 0; $times < 5; $times++) {
            $state = $this->machine()->after($this->machine()->after($state, 60.0, Moved::reduce('FL', 'RR'), 0.5), 60.0, Moved::nothing(), 0.5);
        }
        self::assertEqualsWithDelta(2.0, $state->accumulated['first'], 1e-6);
        self::assertGreaterThan(30.0, $this->machine()->after($state, 60.0, Moved::reduce('FL'), 0.5)->bar['FL'], 'nothing more goes in');

        $displaced = $state->displaced['first'];
        $pumped = $this->machine()->after($state, 60.0, Moved::nothing()->withPumps('first', 'second'), 1.0);
        self::assertSame(0.0, $pumped->accumulated['first']);
        self::assertEqualsWithDelta($displaced - 2.0, $pumped->displaced['first'], 0.01, 'the pump pushes the pedal back');
        self::assertLessThan(2.0, $this->machine()->after($pumped, 60.0, Moved::reduce('FL'), 0.5)->bar['FL']);
    }

    public function test_the_pump_brakes_one_wheel_without_the_pedal(): void
    {
        $built = $this->machine()->after(BrakeState::atRest($this->unit), 0.0, Moved::buildUp('first', 'RR'), 0.3);
        self::assertGreaterThan(60.0, $built->bar['FL']);
        self::assertSame(0.0, $built->bar['RR']);
        self::assertSame(0.0, $built->bar['FR']);
        $given = $this->unit->wheels['FL']->brake->volume->volume($built->bar['FL']);
        self::assertEqualsWithDelta(3.5 * 0.3, $given, 0.01, 'the pump moves 3.5 cubic centimetres a second');
        self::assertEqualsWithDelta(140.0, $this->machine()->after($built, 0.0, Moved::buildUp('first', 'RR'), 2.0)->bar['FL'], 0.1, 'not beyond its relief valve');
    }

    public function test_no_pressure_is_built_up_where_the_isolation_valve_stays_open_or_the_priming_valve_shut(): void
    {
        $circuit = $this->unit->circuits['first'];
        foreach ([[$circuit->isolation?->stuck(Sticking::Open), $circuit->priming], [$circuit->isolation, $circuit->priming?->stuck(Sticking::Shut)]] as [$isolation, $priming]) {
            $faulty = new BrakeCircuit(2.0, 0.3, 0.8, 3.5, 140.0, $isolation, $priming);
            $machine = new BrakeMachine($this->unit->withCircuit('first', $faulty));
            self::assertSame(0.0, $machine->after(BrakeState::atRest($this->unit), 0.0, Moved::buildUp('first', 'RR'), 0.5)->bar['FL']);
        }
    }

    /**
     * What a mechanic at the wheel would find, written down from how the valves work: free, held or slowly free.
     *
     * @return array<string, array{callable(WheelLine): WheelLine, bool, bool, bool}> what is wrong at FL; held with the pedal, on reduce, on hold first
     */
    public static function faults(): array
    {
        $with = static fn (WheelLine $line, ?Valve $inlet = null, ?Valve $outlet = null, float $hose = INF): WheelLine => new WheelLine($line->circuit, $inlet ?? $line->inlet, $outlet ?? $line->outlet, $line->checkFlow, $line->brake, $hose);

        return [
            'sound' => [static fn (WheelLine $line): WheelLine => $line, true, false, false],
            'outlet stuck shut' => [static fn (WheelLine $line): WheelLine => $with($line, outlet: $line->outlet->stuck(Sticking::Shut)), true, true, false],
            // as the pedal goes down, fluid runs on into the accumulator until that is full: from then on nothing lets this wheel go
            'outlet stuck open' => [static fn (WheelLine $line): WheelLine => $with($line, outlet: $line->outlet->stuck(Sticking::Open)), true, true, false],
            'inlet stuck open' => [static fn (WheelLine $line): WheelLine => $with($line, inlet: $line->inlet->stuck(Sticking::Open)), true, true, true],
            'inlet stuck shut' => [static fn (WheelLine $line): WheelLine => $with($line, inlet: $line->inlet->stuck(Sticking::Shut)), false, false, false],
        ];
    }

    /** @param  callable(WheelLine): WheelLine  $wrong */
    #[DataProvider('faults')]
    public function test_a_wheel_on_the_lift_tells_which_valve_it_is(callable $wrong, bool $byPedal, bool $onReduce, bool $onHoldFirst): void
    {
        $unit = $this->unit->withWheel('FL', $wrong($this->unit->wheels['FL']));
        $machine = new BrakeMachine($unit);
        $isHeld = static fn (BrakeState $state): bool => $unit->wheels['FL']->brake->torqueNewtonMetres($state->bar['FL']) > 60.0;
        $pressed = $machine->after(BrakeState::atRest($unit), 40.0, Moved::nothing(), 1.0);

        self::assertSame($byPedal, $isHeld($pressed), 'pedal down');
        self::assertSame($onReduce, $isHeld($machine->after($pressed, 40.0, Moved::reduce('FL'), 0.5)), 'reduce');
        self::assertSame($onHoldFirst, $isHeld($machine->after(BrakeState::atRest($unit), 40.0, Moved::hold('FL'), 1.0)), 'hold, then the pedal');
    }

    public function test_no_pressure_is_off_by_half_a_percent_against_the_smallest_step(): void
    {
        $worst = 0.0;
        foreach ([0.01, 0.03, 0.1, 0.3] as $seconds) {
            foreach ([Moved::nothing(), Moved::reduce('FL', 'RR'), Moved::buildUp('first')] as $moved) {
                $start = $moved->isolationsShut === [] && $moved->outletsOpen === [] ? BrakeState::atRest($this->unit) : $this->braked(25.0);
                [$usual, $smallest] = array_map(fn (float $step): BrakeState => (new BrakeMachine($this->unit, $step))->after($start, 60.0, $moved, $seconds), [BrakeMachine::STEP_SECONDS, BrakeMachine::STEP_SECONDS / 100.0]);
                foreach ($usual->bar as $channel => $bar) {
                    $worst = max($worst, abs($bar - $smallest->bar[$channel]) / max(1.0, $smallest->bar[$channel]));
                }
            }
        }
        self::assertLessThan(0.005, $worst);
    }

    /** Whoever asks step by step is told the same as whoever asks at once, where it has come to rest on the way as well. */
    public function test_what_has_come_to_rest_stays(): void
    {
        foreach ([Moved::nothing(), Moved::reduce('FL', 'RR'), Moved::buildUp('first')] as $moved) {
            $bit = $this->braked(25.0);
            foreach (range(1, 400) as $step) {
                $bit = $this->machine()->after($bit, 60.0, $moved, BrakeMachine::STEP_SECONDS);
            }

            self::assertEquals($bit, $this->machine()->after($this->braked(25.0), 60.0, $moved, 400 * BrakeMachine::STEP_SECONDS));
        }
    }

    private function machine(): BrakeMachine
    {
        return new BrakeMachine($this->unit);
    }

    private function braked(float $bar): BrakeState
    {
        return $this->machine()->after(BrakeState::atRest($this->unit), $bar, Moved::nothing(), 1.0);
    }
}
