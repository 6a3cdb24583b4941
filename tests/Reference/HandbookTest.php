<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Bay\Action\MeterFunction;
use Lernfall\Bay\Action\TurnWheel;
use Lernfall\Bay\Action\Unplug;
use Lernfall\Module\StandardCode;
use Lernfall\Signal\CopperResistance;
use Lernfall\Vehicle\Tyre;
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
