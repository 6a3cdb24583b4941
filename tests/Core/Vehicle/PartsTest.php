<?php

declare(strict_types=1);

namespace Tests\Core\Vehicle;

use Lernfall\InvalidQuantity;
use Lernfall\Module\InvalidCode;
use Lernfall\Module\StandardCode;
use Lernfall\Signal\CopperResistance;
use Lernfall\Signal\Slip;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\InvalidTyreSize;
use Lernfall\Vehicle\Leak;
use Lernfall\Vehicle\RingDamage;
use Lernfall\Vehicle\ToothedRing;
use Lernfall\Vehicle\Tyre;
use Lernfall\Vehicle\UnknownPart;
use Lernfall\Vehicle\Wire;
use Lernfall\Vehicle\WireGauge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;
use Tests\Support\Workbench;

/** Single parts against what they are in books and standards. */
final class PartsTest extends TestCase
{
    /**
     * Greatest resistance at 20 °C of plain class 5 conductors, IEC 60228 table 3, in ohms per kilometre (from memory).
     *
     * @return list<array{float, float}>
     */
    public static function classFive(): array
    {
        return [[0.5, 39.0], [0.75, 26.0], [1.0, 19.5], [1.5, 13.3], [2.5, 7.98]];
    }

    #[DataProvider('classFive')]
    public function test_wire_resistance_by_the_standard(float $squareMillimetres, float $ohmsPerKilometre): void
    {
        self::assertEqualsWithDelta($ohmsPerKilometre / 1000.0, WireGauge::ohmsPerMetre($squareMillimetres), 1e-9);
        // copper's resistivity of 0.017241 Ω·mm²/m (IEC 60028) is the least it could be
        self::assertGreaterThan(0.017241 / $squareMillimetres, WireGauge::ohmsPerMetre($squareMillimetres));
    }

    public function test_thicker_wires_resist_less_and_unknown_ones_are_refused(): void
    {
        $ohms = array_map(WireGauge::ohmsPerMetre(...), WireGauge::knownSquareMillimetres());
        $sorted = $ohms;
        rsort($sorted);
        self::assertSame($sorted, $ohms);

        self::assertSame('expected one of 0.35, 0.5, 0.75, 1, 1.5, 2.5 for squareMillimetres, found 3', Sentences::ofRefused(static fn () => WireGauge::ohmsPerMetre(3.0)));
    }

    public function test_a_wire_adds_what_its_broken_strands_add_and_keeps_its_leaks(): void
    {
        $wire = (new Wire(4.0, 0.0545))->thinned(60.0)->leaking(Leak::toBody(650.0))->thinned(5.0);

        self::assertEqualsWithDelta(4.0 * 0.0545 + 65.0, $wire->ohms(), 1e-12);
        self::assertCount(1, $wire->snapped()->leaks);
        self::assertTrue($wire->snapped()->broken);
    }

    /**
     * Annealed copper by IEC 60028: 0.00393 per kelvin at 20 °C.
     *
     * @return list<array{float, float}>
     */
    public static function temperatures(): array
    {
        return [[20.0, 1000.0], [0.0, 921.4], [100.0, 1314.4], [-40.0, 764.2], [60.0, 1157.2]];
    }

    #[DataProvider('temperatures')]
    public function test_copper_over_temperature(float $celsius, float $ohms): void
    {
        self::assertEqualsWithDelta($ohms, CopperResistance::at($celsius, 1000.0), 1e-9);
    }

    /**
     * Outer diameter from the marking as ISO 4000-1 defines it: rim in inches and twice the section height, worked by hand.
     *
     * @return list<array{string, float}>
     */
    public static function tyres(): array
    {
        return [['195/55 R15', 0.5955], ['205/55R16', 0.6319], ['175/65 ZR14', 0.5831], ['225/45 R17', 0.6343]];
    }

    #[DataProvider('tyres')]
    public function test_tyre_diameter_from_its_marking(string $size, float $metres): void
    {
        self::assertEqualsWithDelta($metres, Tyre::fromSize($size, 1.0)->outerDiameterMetres, 1e-9);
        self::assertEqualsWithDelta(M_PI * $metres * 0.96, Tyre::fromSize($size, 0.96)->rollingCircumferenceMetres(), 1e-9);
    }

    public function test_what_is_not_a_tyre_size_is_refused_by_name(): void
    {
        foreach (['', '195/55', '195-55 R15', '195/55 R15 82V', 'R15', '1955/55 R15'] as $size) {
            try {
                Tyre::fromSize($size, 1.0);
                self::fail("'$size' was taken for a tyre");
            } catch (InvalidTyreSize $invalid) {
                self::assertSame("'$size' is not a tyre size such as 195/55 R15", $invalid->getMessage());
            }
        }
    }

    /**
     * The two-byte form of ISO 15031-6: two bits of system, two bits of first digit, three hexadecimal digits.
     *
     * @return list<array{string, int, int}>
     */
    public static function codes(): array
    {
        return [['P0143', 0x01, 0x43], ['C0035', 0x40, 0x35], ['C1210', 0x52, 0x10], ['B2ABC', 0xAA, 0xBC], ['U0121', 0xC1, 0x21], ['U3FFF', 0xFF, 0xFF], ['P0000', 0, 0]];
    }

    #[DataProvider('codes')]
    public function test_codes_in_two_bytes(string $text, int $high, int $low): void
    {
        self::assertSame([$high, $low], StandardCode::fromText($text)->bytes());
        self::assertSame($text, StandardCode::fromBytes($high, $low)->text());
    }

    public function test_what_is_not_a_code_is_refused(): void
    {
        foreach (['C35', 'X0035', 'C4035', 'C003G', 'c0035', 'C00355', ''] as $text) {
            try {
                StandardCode::fromText($text);
                self::fail("'$text' was taken for a code");
            } catch (InvalidCode $invalid) {
                self::assertSame("'$text' is not a code such as C0035", $invalid->getMessage());
            }
        }
    }

    public function test_slip_braking_and_driving(): void
    {
        self::assertEqualsWithDelta(0.1, Slip::of(50.0, 45.0), 1e-12);
        self::assertEqualsWithDelta(0.1, Slip::of(45.0, 50.0), 1e-12);
        self::assertSame(1.0, Slip::of(20.0, 0.0));
        self::assertSame(0.0, Slip::of(20.0, 20.0));
        foreach ([[0.0, 0.0], [-1.0, 5.0], [5.0, -1.0]] as [$car, $wheel]) {
            try {
                Slip::of($car, $wheel);
                self::fail('slip without a speed');
            } catch (InvalidQuantity $invalid) {
                self::assertStringContainsString('etresPerSecond', $invalid->quantity);
            }
        }
    }

    public function test_a_passive_sensor_feels_a_bent_ring_by_its_decay_and_the_turn_evens_out(): void
    {
        $channel = Workbench::vehicle()->channel('FR');
        $straight = Teeth::of($channel);
        $bent = Teeth::of($channel->withRing($channel->wheelEnd->ring->bent(0.0004)));

        self::assertSame(1.0, $straight->weakest());
        self::assertSame($channel->wheelEnd->ring->teeth, $bent->count());
        self::assertLessThan(1.0, $bent->weakest());
        self::assertGreaterThan(1.0, $bent->strongest());
        self::assertEqualsWithDelta(1.0, $bent->weakest() * $bent->strongest(), 0.01);
    }

    public function test_an_active_sensor_feels_a_tooth_or_does_not(): void
    {
        $vehicle = Workbench::vehicle('brack-22');
        $channel = $vehicle->channel($vehicle->channelIds()[0]);

        self::assertSame(1.0, Teeth::of($channel)->mean());
        self::assertSame(0.0, Teeth::of($channel->withGap(0.05))->strongest());
        $two = Teeth::of($channel->withRing($channel->wheelEnd->ring->withMissingTeeth(2)));
        self::assertEqualsWithDelta(1.0 - 2.0 / $channel->wheelEnd->ring->teeth, $two->shareFrom(0.5), 1e-12);
        self::assertEqualsWithDelta($two->mean(), $two->meanSquare(), 1e-12);
    }

    public function test_changing_one_thing_of_a_ring_keeps_the_others(): void
    {
        $ring = (new ToothedRing(46))->withMissingTeeth(1)->withChippedTeeth(2)->cracked(0.5)->bent(0.0002)->dirty(0.3)->lifted(0.0001);

        self::assertEquals(new ToothedRing(46, damage: new RingDamage(1, 2, 0.5, 0.0002, 0.3, 0.0001)), $ring);
        self::assertEquals(new ToothedRing(46, damage: new RingDamage(1, 2, 0.5, 0.0002, 0.0, 0.0001)), $ring->dirty(0.0));
        self::assertEquals(new ToothedRing(48, damage: new RingDamage(loose: true, turnedAway: true)), (new ToothedRing(46))->withTeeth(48)->loosened()->turnedAway());
        self::assertCount(46, $ring->strengths());
        self::assertSame(0.0, min($ring->strengths()));
    }

    public function test_what_a_car_does_not_have_is_named(): void
    {
        $vehicle = Workbench::vehicle();
        $asked = [
            "this vehicle has no channel 'XX'" => static fn () => $vehicle->channel('XX'),
            "this vehicle has no plug 'FR.tow-bar'" => static fn () => $vehicle->channel('FR')->plug('tow-bar'),
            "this vehicle has no cable 'FR.rope'" => static fn () => $vehicle->channel('FR')->cable('rope'),
        ];
        foreach ($asked as $message => $ask) {
            try {
                $ask();
                self::fail("there was one after all: $message");
            } catch (UnknownPart $unknown) {
                self::assertSame($message, $unknown->getMessage());
            }
        }
    }
}
