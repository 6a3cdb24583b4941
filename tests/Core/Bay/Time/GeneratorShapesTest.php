<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Every shape of the generator has its truth at every input. */
final class GeneratorShapesTest extends TestCase
{
    /**
     * By hand. Passive, threshold 58 mV of half the swing: levels of 0.2 V swing by 0.1 V, those of 0.1 V by 0.05 V; a
     * current has next to nothing to draw from behind 4.7 kΩ. Two-wire: a sine's
     * 50 Ω in the sensor's place take 12.6 V / (14 + 50 + 94) Ω = 80 mA, and the module switches its supply off. Three-wire,
     * threshold 2.3 V at the signal wire, on which a sine between the first two pins is not to be found.
     */
    #[TestWith(['harl-13', 'sine', 0.2, true])]
    #[TestWith(['harl-13', 'sine', 0.05, false])]
    #[TestWith(['harl-13', 'voltage', 0.2, true])]
    #[TestWith(['harl-13', 'voltage', 0.1, false])]
    #[TestWith(['harl-13', 'current', 0.014, false])]
    #[TestWith(['lendo-15', 'current', 0.014, true])]
    #[TestWith(['lendo-15', 'current', 0.009, false])]
    #[TestWith(['lendo-15', 'sine', 3.0, false])]
    #[TestWith(['lendo-15', 'voltage', 3.0, false])]
    #[TestWith(['brack-22', 'voltage', 5.0, true])]
    #[TestWith(['brack-22', 'voltage', 1.5, false])]
    #[TestWith(['brack-22', 'sine', 4.0, false])]
    #[TestWith(['brack-22', 'current', 0.014, false])]
    public function test_it_is_counted_or_not(string $car, string $shape, float $amplitude, bool $counted): void
    {
        self::assertSame($counted, $this->speed($car, 'FL', $shape, $amplitude, 'pair') > 1.0);
    }

    /** Levels have the frequency of a sine, whatever the input makes of them. */
    public function test_levels_and_a_sine_of_one_frequency_are_one_speed(): void
    {
        self::assertEqualsWithDelta($this->speed('harl-13', 'FL', 'sine', 1.0, 'pair'), $this->speed('harl-13', 'FL', 'voltage', 1.0, 'pair'), 1e-6);
    }

    /** A balanced input hears either pin against the body; where the second lies on ground in the module, only the first. */
    #[TestWith(['harl-13', 'first', true])]
    #[TestWith(['harl-13', 'second', true])]
    #[TestWith(['ostrel-t2', 'first', true])]
    #[TestWith(['ostrel-t2', 'second', false])]
    public function test_the_other_terminal_does_nothing_at_a_single_ended_input(string $car, string $at, bool $counted): void
    {
        self::assertSame($counted, $this->moving($car, $at));
    }

    private function moving(string $car, string $at): bool
    {
        $played = Played::on(Workbench::case([['tyre-other-size', 'RR', '', 0.97]], Workbench::vehicle($car)))->do(
            ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'ignition', 'to' => 'on'],
            ['do' => 'inject', 'channel' => 'FL', 'shape' => 'sine', 'hertz' => 200.0, 'amplitude' => 1.0, 'at' => $at],
            ['do' => 'measure', 'function' => 'volts-ac', 'first' => 'FL.module-plug.wheel.1', 'second' => 'FL.module-plug.wheel.2'],
        );

        return (float) $played->shown()->number('reading')?->si > 0.12;
    }

    private function speed(string $car, string $corner, string $shape, float $amplitude, string $at): float
    {
        $played = Played::on(Workbench::case([['tyre-other-size', 'RR', '', 0.97]], Workbench::vehicle($car)))->do(
            ['do' => 'unplug', 'plug' => "$corner.sensor-plug"],
            ['do' => 'inject', 'channel' => $corner, 'shape' => $shape, 'hertz' => 200.0, 'amplitude' => $amplitude, 'at' => $at],
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'live-speeds', 'kilometresPerHour' => 0.0],
        );

        return (float) $played->shown()->number("$corner.speed")?->si;
    }
}
