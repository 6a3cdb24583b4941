<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class InjectionTest extends TestCase
{
    /**
     * Common practice, no source: on one car 500 Hz show 30 mph, 1 kHz 60 mph, 2 kHz 115 mph; on a heavy vehicle five
     * steps show 7, 28, 43, 57 and 88 km/h. What is checked is the proportion, within 5 %.
     */
    public function test_the_shown_speed_is_proportional_to_the_injected_frequency(): void
    {
        $played = $this->opened('harl-13', 'FL');
        $perHertz = [];
        foreach ([50.0, 200.0, 500.0, 1000.0, 2000.0] as $hertz) {
            $perHertz[] = $this->speed($played, 'FL', 'sine', $hertz, 2.0) / $hertz;
        }

        self::assertEqualsWithDelta(1.0, max($perHertz) / min($perHertz), 0.05);
        // by hand: 185/60 R14 is 577.6 mm across, rolls 1.755 m a turn; 500 Hz over 46 teeth are 10.87 turns: 19.07 m/s
        self::assertEqualsWithDelta(19.07, $perHertz[2] * 500.0, 0.15);
    }

    #[TestWith(['lendo-15', 'FR', 'current', 0.014])]
    #[TestWith(['lendo-15', 'RL', 'current', 0.014])]
    #[TestWith(['brack-22', 'FL', 'voltage', 5.0])]
    #[TestWith(['brack-22', 'RR', 'voltage', 6.0])]
    public function test_every_kind_of_channel_hears_its_own_kind_of_signal(string $car, string $corner, string $shape, float $amplitude): void
    {
        $played = $this->opened($car, $corner, beforeKey: [$shape, $amplitude, $corner]);

        self::assertGreaterThan(3.0, $this->speed($played, $corner, $shape, 200.0, $amplitude));
    }

    /** Against the body the other wire follows through the input: either terminal is heard here, a little weaker than the pair. */
    public function test_a_sine_from_one_pin_to_the_body_is_heard_as_well(): void
    {
        $played = $this->opened('harl-13', 'FR')->do(['do' => 'ignition', 'to' => 'on']);
        foreach (['pair' => 0.994, 'first' => 0.90, 'second' => 0.90] as $at => $share) {
            $played->do(
                ['do' => 'inject', 'channel' => 'FR', 'shape' => 'sine', 'hertz' => 200.0, 'amplitude' => 1.0, 'at' => $at],
                ['do' => 'measure', 'function' => 'volts-ac', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'],
            );
            // by hand: 43 kΩ across and 4.7 kΩ to either rail; the generator's 50 Ω take less than a percent
            self::assertEqualsWithDelta($share / M_SQRT2, $played->shown()->number('reading')?->si, 0.015, $at);
            self::assertGreaterThan(5.0, $played->do(['do' => 'live-speeds', 'kilometresPerHour' => 0.0])->shown()->number('FR.speed')?->si);
        }
    }

    public function test_a_current_generator_lives_on_the_supply_so_it_has_to_be_there_at_key_on(): void
    {
        $late = $this->opened('lendo-15', 'FR');
        self::assertSame(0.0, $this->speed($late, 'FR', 'current', 200.0, 0.014));

        $early = $this->opened('lendo-15', 'FR', beforeKey: ['current', 0.014, 'FR']);
        self::assertGreaterThan(3.0, $this->speed($early, 'FR', 'current', 200.0, 0.014));
    }

    public function test_a_broken_wire_keeps_the_signal_out_and_a_strong_one_passes_a_poor_contact(): void
    {
        self::assertSame(0.0, $this->speed($this->opened('harl-13', 'FL', [['loom-open', 'FL', '1']]), 'FL', 'sine', 200.0, 2.0));
        self::assertGreaterThan(3.0, $this->speed($this->opened('harl-13', 'FL', [['module-plug-corroded', 'FL', '1', 26000.0]]), 'FL', 'sine', 200.0, 2.0));
        self::assertSame(0.0, $this->speed($this->opened('harl-13', 'FL', [['module-plug-corroded', 'FL', '1', 26000.0]]), 'FL', 'sine', 200.0, 0.1));
    }

    public function test_a_sensor_fault_does_not_stop_an_injection(): void
    {
        self::assertGreaterThan(3.0, $this->speed($this->opened('harl-13', 'FL', [['coil-open', 'FL']]), 'FL', 'sine', 200.0, 2.0));
    }

    public function test_a_deaf_input_hears_nothing(): void
    {
        self::assertSame(0.0, $this->speed($this->opened('harl-13', 'FL', [['module-input-dead', 'FL']]), 'FL', 'sine', 200.0, 2.0));
    }

    public function test_a_generator_needs_an_open_plug_and_comes_off_when_it_is_joined(): void
    {
        $inject = ['do' => 'inject', 'channel' => 'FL', 'shape' => 'sine', 'hertz' => 100.0, 'amplitude' => 2.0];
        $played = Played::on(Workbench::case())->do($inject);
        self::assertSame('plug-joined', $played->shown()->refusal?->value);

        $played->do(['do' => 'unplug', 'plug' => 'FL.sensor-plug'], $inject);
        self::assertNotNull($played->job->car->state->connections->injection);
        self::assertNull($played->do(['do' => 'join', 'plug' => 'FL.sensor-plug'])->job->car->state->connections->injection);
    }

    /**
     * @param  list<array{string, string, 2?: string, 3?: float}>  $faults
     * @param  ?array{string, float, string}  $beforeKey  shape, amplitude and corner of a generator connected before the key is turned
     */
    private function opened(string $car, string $corner, array $faults = [], ?array $beforeKey = null): Played
    {
        $faults = $faults === [] ? [['ring-cracked', $corner === 'RR' ? 'FL' : 'RR']] : $faults;
        $played = Played::on(Workbench::case($faults, Workbench::vehicle($car)))->do(['do' => 'unplug', 'plug' => "$corner.sensor-plug"]);
        if ($beforeKey !== null) {
            $played->do(['do' => 'inject', 'channel' => $beforeKey[2], 'shape' => $beforeKey[0], 'hertz' => 100.0, 'amplitude' => $beforeKey[1]]);
        }

        return $played->do(['do' => 'ignition', 'to' => 'on']);
    }

    private function speed(Played $played, string $corner, string $shape, float $hertz, float $amplitude): float
    {
        $played->do(
            ['do' => 'inject', 'channel' => $corner, 'shape' => $shape, 'hertz' => $hertz, 'amplitude' => $amplitude],
            ['do' => 'live-speeds', 'kilometresPerHour' => 0.0],
        );

        return (float) $played->shown()->number("$corner.speed")?->si;
    }
}
