<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Module\StandardCode;
use Lernfall\Sensor\Passive\PassiveSensor;
use Lernfall\Signal\CopperResistance;
use Lernfall\Signal\Rotation;
use Lernfall\Signal\Shape;
use Lernfall\Vehicle\ToothedRing;
use Lernfall\Vehicle\Tyre;
use Lernfall\Vehicle\WireGauge;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class HandbookTest extends TestCase
{
    /** Size designation of ISO 4000-1: 16 · 25.4 + 2 · 205 · 0.55 = 631.9 mm. */
    public function test_a_tyres_diameter_follows_from_its_size(): void
    {
        self::assertEqualsWithDelta(0.6319, Tyre::fromSize('205/55 R16', 1.0)->outerDiameterMetres, 1e-4);
    }

    /** IEC 60028, coefficient 0.00393 per kelvin: 1187 Ω at 20 °C is 1467 Ω at 80 °C. */
    public function test_copper_rises_with_temperature(): void
    {
        self::assertEqualsWithDelta(1467.0, CopperResistance::at(80.0, 1187.0), 0.5);
    }

    /** Common practice, no source: 700 to 10 000 Ω across a passive sensor, infinite to ground, 50 to 90 mV AC turned slowly. */
    #[TestWith(['FL'])]
    #[TestWith(['FR'])]
    #[TestWith(['RL'])]
    #[TestWith(['RR'])]
    public function test_a_healthy_passive_sensor_reads_within_the_usual_ranges(string $channel): void
    {
        $bench = Workbench::healthy()->secured();
        $bench->do(new Unplug("$channel.sensor-plug"), new TurnWheel($channel, 0.5));
        $pins = ["$channel.sensor-plug.wheel.1", "$channel.sensor-plug.wheel.2"];
        $ohms = $bench->meter(MeterFunction::Ohms, ...$pins);
        $volts = $bench->meter(MeterFunction::VoltsAc, ...$pins);

        self::assertThat($ohms, self::logicalAnd(self::greaterThan(700.0), self::lessThan(10000.0)));
        self::assertSame(INF, $bench->meter(MeterFunction::Ohms, $pins[0], 'body'));
        self::assertThat($volts, self::logicalAnd(self::greaterThan(0.050), self::lessThan(0.090)));
    }

    /** IEC 60228, greatest resistance of plain copper conductors of class 5 at 20 °C in Ω/km (figures recalled from memory). */
    #[TestWith([0.5, 39.0])]
    #[TestWith([0.75, 26.0])]
    #[TestWith([1.0, 19.5])]
    #[TestWith([1.5, 13.3])]
    #[TestWith([2.5, 7.98])]
    public function test_wire_resistance_follows_the_cross_section(float $squareMillimetres, float $ohmsPerKilometre): void
    {
        self::assertEqualsWithDelta($ohmsPerKilometre, 1000.0 * WireGauge::ohmsPerMetre($squareMillimetres), 1e-9);
        // and lies near ρ / A with 0.0172 to 0.0200 Ω·mm²/m, stranding included
        self::assertThat($ohmsPerKilometre * $squareMillimetres / 1000.0, self::logicalAnd(self::greaterThan(0.0172), self::lessThan(0.0201)));
    }

    /** By arithmetic, f = z · v / U: 48 teeth, 1.9256 m a turn and 10 turns a second are 480 Hz and 19.256 m/s. */
    public function test_frequency_and_speed_belong_together(): void
    {
        $tyre = Tyre::fromSize('205/55 R16', 0.97);

        self::assertEqualsWithDelta(1.9256, $tyre->rollingCircumferenceMetres(), 1e-3);
        self::assertEqualsWithDelta(19.256, Rotation::speedFromFrequency($tyre, 48, 480.0), 0.01);
        self::assertEqualsWithDelta(10.0, Rotation::turnsPerSecond($tyre, 19.256), 0.01);
    }

    /**
     * Common practice, no source: a heavy trailer's sensor, with the gap right, gives 0.6 to 0.9 V AC at one turn in two
     * seconds, 0.02 to 0.03 V with a far too large gap, over 2 V spun fast. The constants (k 0.05 V·s, 100 teeth) are
     * recalled from memory.
     */
    public function test_a_trailers_sensor_reads_what_the_trade_expects(): void
    {
        $sensor = new PassiveSensor(1190.0, 0.05, 0.00035);
        $ring = new ToothedRing(100);
        $volts = static fn (float $gapMillimetres, float $turns): float => $sensor->peakVolts($ring, $gapMillimetres / 1000.0, $turns) / M_SQRT2;

        self::assertThat($volts(0.3, 0.5), self::logicalAnd(self::greaterThan(0.6), self::lessThan(0.9)));
        self::assertGreaterThan(0.2, $volts(0.75, 0.5));
        self::assertThat($volts(1.5, 0.5), self::logicalAnd(self::greaterThan(0.02), self::lessThan(0.03)));
        self::assertGreaterThan(2.0, $volts(0.3, 1.5));
    }

    /** Common practice, no source: warmed in the hand, 1187 Ω rise by about 3 Ω. By IEC 60028 that is well below a kelvin of the whole coil. */
    public function test_a_warm_hand_moves_a_four_digit_reading(): void
    {
        self::assertEqualsWithDelta(3.0, CopperResistance::at(20.65, 1187.0) - 1187.0, 0.1);
    }

    /** Common practice, no source: an active sensor shows some megohms to an ohmmeter, left and right within a few percent. */
    public function test_an_active_sensor_shows_megohms_to_an_ohmmeter(): void
    {
        $bench = Workbench::healthyCar('lendo-15');
        $ohms = [];
        foreach (['FL', 'FR'] as $corner) {
            $bench->do(new Unplug("$corner.sensor-plug"));
            $ohms[] = $bench->meter(MeterFunction::Ohms, "$corner.sensor-plug.wheel.1", "$corner.sensor-plug.wheel.2");
        }

        self::assertThat($ohms[0], self::logicalAnd(self::greaterThan(1e6), self::lessThan(40e6)));
        self::assertEqualsWithDelta(1.0, $ohms[0] / $ohms[1], 0.05);
    }

    /** Common practice, no source: at key-on an active sensor has about battery voltage, plugged in and back-probed. */
    public function test_an_active_sensor_is_fed_about_battery_voltage(): void
    {
        $bench = Workbench::healthyCar('lendo-15');
        $bench->do(new TurnKey(Ignition::On));

        self::assertThat($bench->meter(MeterFunction::VoltsDc, 'FR.sensor-plug.wheel.1', 'body'), self::logicalAnd(self::greaterThan(11.5), self::lessThan(12.7)));
    }

    /**
     * Common practice, no source: stepped injection into a passive channel shows speeds that rise with frequency and in
     * proportion to it, as 7, 28, 43, 57, 88 km/h did on one vehicle; here within 5 %, at frequencies in that ratio.
     */
    public function test_injected_steps_show_speeds_in_proportion(): void
    {
        $bench = Workbench::healthy();
        $bench->do(new Unplug('FR.sensor-plug'), new TurnKey(Ignition::On));
        $perHertz = [];
        foreach ([7.0, 28.0, 43.0, 57.0, 88.0] as $kilometresPerHour) {
            $hertz = $kilometresPerHour * 7.3;
            $bench->do(new Inject('FR', InjectedShape::Sine, $hertz, 1.0));
            $perHertz[] = (float) $bench->do(new LiveSpeeds(0.0))->number('FR.speed')?->si / $hertz;
        }

        self::assertEqualsWithDelta(1.0, max($perHertz) / min($perHertz), 0.05);
    }

    /**
     * Textbook factors: of a sine the effective value is 1/√2 of the peak and the rectified mean 2/π, form factor 1.1107;
     * of levels that last the share d of the time √(d·(1−d)) and 2·d·(1−d). So an averaging meter shows a sine right,
     * an even square wave 11.07 % high, and pulses low.
     */
    #[TestWith(['sine', 1.0])]
    #[TestWith(['square', 1.1107])]
    #[TestWith(['pulses', 0.6358])]
    public function test_averaging_and_true_rms_meters_differ_by_the_textbook_factor(string $wave, float $factor): void
    {
        // pulses that last the share d = 0.09 of the time: 1.1107 · 2 · √(0.09 · 0.91) = 0.6358
        $shape = match ($wave) {
            'sine' => Shape::even(50.0, true),
            'square' => Shape::even(50.0, false),
            default => Shape::ofStandstill(0.0225, 0.25),
        };
        $averaging = M_PI / (2.0 * M_SQRT2) * $shape->rectifiedMean();

        self::assertEqualsWithDelta($factor, $averaging / $shape->alternatingRms(), 1e-3);
        // and both by summing the samples themselves
        $samples = array_map(static fn (int $n): float => $shape->at($n / 100000.0), range(0, 24999));
        $mean = array_sum($samples) / count($samples);
        self::assertEqualsWithDelta($shape->alternatingRms(), sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $samples)) / count($samples)), 2e-3);
        self::assertEqualsWithDelta($shape->rectifiedMean(), array_sum(array_map(static fn (float $v): float => abs($v - $mean), $samples)) / count($samples), 2e-3);
    }

    /** ISO 15031-6: P0143 is sent as 01 43; the two top bits are 01 for C, 10 for B, 11 for U. */
    #[TestWith(['P0143', 0x01, 0x43])]
    #[TestWith(['C0040', 0x40, 0x40])]
    #[TestWith(['B1200', 0x92, 0x00])]
    #[TestWith(['U0121', 0xC1, 0x21])]
    public function test_a_code_has_two_bytes(string $text, int $high, int $low): void
    {
        self::assertSame([$high, $low], StandardCode::fromText($text)->bytes());
        self::assertSame($text, StandardCode::fromBytes($high, $low)->text());
    }
}
