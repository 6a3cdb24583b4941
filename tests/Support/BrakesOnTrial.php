<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Clamp\ClampCurrent;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Rollers\BrakeOnRollers;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Vehicle;

/** A car put through every test of its brakes there is in the bay, each on a car as it came in; what each shows, in a word or two, at the front left wheel. */
final readonly class BrakesOnTrial
{
    private const FEED = 'unit.valves.fuse.in';

    public function __construct(private Vehicle $vehicle, private Vehicle $sound)
    {
    }

    /** @return array<string, string> by test; a test that cannot be made on this car is left out */
    public function shows(): array
    {
        $hasPads = ! $this->sound->unit()->design->isIntegrated;
        $first = array_filter($this->sound->channelIds(), fn (string $id): bool => $this->sound->unit()->hydraulics->wheels[$id]->circuit === $this->sound->unit()->hydraulics->wheels['FL']->circuit);
        $other = array_values(array_diff($first, ['FL']))[0];
        $both = new TestActuator('valves.FL', with: ["valves.$other"]);
        $valve = $this->lift(new TestActuator('valves.FL'));
        $two = $this->lift($both);

        return [
            ...($hasPads ? ['ohms' => $this->ohms()] : []),
            'amperes' => $this->amperes(),
            ...($hasPads ? ['drop, one' => $this->drop('reduce.FL'), 'drop, two' => $this->drop('reduce.FL', "reduce.$other")] : []),
            'reduce' => self::short($valve->word('wheel')),
            'others' => self::short($valve->word('others')),
            'hold first' => self::short($this->lift(new TestActuator('valves.FL', Modulation::Hold, true))->word('wheel')),
            'two' => self::short($two->word('wheel')).' '.self::short($two->word("wheel.$other")),
            'pump' => self::short($this->lift(new TestActuator('pump'))->word('pump')),
            'kick' => self::short($this->lift($both, new TestActuator('pump'))->word('pedal')),
            'pedal' => $this->pedal(),
            'rollers' => $this->rollers(),
        ];
    }

    private function lift(CarAction ...$tests): Observation
    {
        return $this->bench()->secured()->do(new TurnKey(Ignition::On), ...$tests);
    }

    private function ohms(): string
    {
        $valve = $this->sound->unit()->reducingValve('FL');
        $ohms = $this->bench()->meter(MeterFunction::Ohms, UnitCircuit::VALVE_SUPPLY, UnitCircuit::coilEnd($valve));

        return match (true) {
            is_infinite($ohms) => 'open',
            $ohms > 1.5 * $this->sound->unit()->wiring->coils[$valve]->ohms => 'high',
            default => 'sound',
        };
    }

    private function amperes(): string
    {
        $read = static fn (Workbench $bench): float => $bench->do(new TurnKey(Ignition::On), new ClampCurrent(self::FEED, 40.0, true, meanwhile: new Meanwhile(['reduce.FL'])))->number('current')->si ?? NAN;
        [$amperes, $usual] = [$read($this->bench()), $read(Workbench::with(Car::true($this->sound, $this->sound, 'a')))];

        return match (true) {
            $amperes < 0.1 => 'none',
            $amperes < 0.85 * $usual => 'low',
            default => 'sound',
        };
    }

    private function drop(string ...$commands): string
    {
        $volts = $this->bench()->do(new TurnKey(Ignition::On), new Measure(MeterFunction::VoltsDc, 'unit.valves.fuse.out', 'unit.valves.relay.out', meanwhile: new Meanwhile(array_values($commands))))->number('reading')->si ?? NAN;

        return match (true) {
            $volts > 11.0 => 'all',
            $volts > 0.2 => 'large',
            $volts > 0.002 => 'small',
            default => 'none',
        };
    }

    private function pedal(): string
    {
        $felt = $this->bench()->do(new TurnKey(Ignition::Running), new TryPedal);

        return implode(' ', array_map(static fn (string $word): string => self::short($felt->word($word)), ['height', 'feel', 'steady']));
    }

    private function rollers(): string
    {
        $rolled = $this->bench()->do(new TurnKey(Ignition::Running), new BrakeOnRollers('front'));
        $force = static fn (string $name): float => $rolled->number($name)->si ?? NAN;

        return match (true) {
            $force('FL.free') > 80.0 => 'drags',
            $force('FL.held') < 80.0 => 'nothing',
            $force('FL.swing') > 100.0 => 'swings',
            1.0 - $force('FL.held') / $force('FR.held') > 0.3 => 'weak',
            1.0 - $force('FL.pressed') / $force('FL.held') > 0.1 => 'late',
            default => 'equal',
        };
    }

    /** Without what every word of its kind begins with. */
    private static function short(mixed $word): string
    {
        return preg_replace('~^(wheel|pump|pedal|others)-~', '', is_string($word) ? $word : '–') ?? '';
    }

    private function bench(): Workbench
    {
        return Workbench::with(Car::true($this->vehicle, $this->sound, 'a'));
    }
}
