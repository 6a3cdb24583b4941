<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Evidence\Belief\Distinguishability;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DistinguishabilityTest extends TestCase
{
    /** @return array<string, array{Feature, Feature, bool}> */
    public static function pairs(): array
    {
        $ohms = static fn (float $mean, float $noise = 5.0): NumberFeature => NumberFeature::reading('ohms', $mean, 1.0, $noise);

        return [
            'the same' => [$ohms(1340.0), $ohms(1340.0), false],
            'within chance' => [$ohms(1340.0), $ohms(1350.0), false],
            'beyond chance' => [$ohms(1340.0), $ohms(1400.0), true],
            'beyond, but too uncertain' => [$ohms(1340.0, 60.0), $ohms(1400.0, 60.0), false],
            'a number and overload' => [$ohms(1340.0), NumberFeature::overload('ohms'), true],
            'overload twice' => [NumberFeature::overload('ohms'), NumberFeature::overload('ohms'), false],
            'sure words that differ' => [CategoryFeature::certain('clean'), CategoryFeature::certain('green'), true],
            'the same sure word' => [CategoryFeature::certain('clean'), CategoryFeature::certain('clean'), false],
            'seen more often than not' => [CategoryFeature::either('green', 0.7, 'clean'), CategoryFeature::certain('clean'), true],
            'seen now and then' => [CategoryFeature::either('green', 0.3, 'clean'), CategoryFeature::certain('clean'), false],
            'a pulse hardly smaller than the rest' => [self::trace(1.0), self::trace(0.9), false],
            'a pulse that is a good deal smaller' => [self::trace(1.0), self::trace(0.7), true],
            'smaller pulses alike' => [self::trace(0.7), self::trace(0.7, 2.0), false],
            'a word and a number' => [CategoryFeature::certain('clean'), $ohms(1.0), true],
        ];
    }

    /** Forty waves, one of them this much of the others. */
    private static function trace(float $share, float $volts = 1.0): TraceFeature
    {
        $samples = array_map(static fn (int $sample): float => $volts * sin(2.0 * M_PI * $sample / 25.0) * (intdiv($sample, 25) === 17 ? $share : 1.0), range(0, 999));

        return new TraceFeature($samples, 0.001, 0.02, 100, 0.4);
    }

    #[DataProvider('pairs')]
    public function test_two_predictions_either_way_round(Feature $one, Feature $other, bool $apart): void
    {
        self::assertSame($apart, Distinguishability::predictions($one, $other));
        self::assertSame($apart, Distinguishability::predictions($other, $one));
    }

    /** @return array<string, array{Feature, ObservedNumber|string, bool}> */
    public static function sights(): array
    {
        $predicted = NumberFeature::reading('ohms', 1340.0, 1.0, 5.0);

        return [
            'as predicted' => [$predicted, ObservedNumber::shown('ohms', 1338.0, 1.0), true],
            'far off' => [$predicted, ObservedNumber::shown('ohms', 1500.0, 1.0), false],
            'a coarse display forgives' => [$predicted, ObservedNumber::shown('ohms', 1500.0, 100.0), true],
            'overload where a number was due' => [$predicted, ObservedNumber::overload('ohms'), false],
            'overload as predicted' => [NumberFeature::overload('ohms'), ObservedNumber::overload('ohms'), true],
            'a number where overload was due' => [NumberFeature::overload('ohms'), ObservedNumber::shown('ohms', 1338.0, 1.0), false],
            'a likely word' => [CategoryFeature::either('green', 0.7, 'clean'), 'clean', true],
            'a word hardly possible' => [CategoryFeature::either('green', 0.95, 'clean'), 'clean', false],
            'a word never predicted' => [CategoryFeature::certain('clean'), 'bent', false],
            'a word where a number was due' => [$predicted, 'clean', false],
        ];
    }

    #[DataProvider('sights')]
    public function test_what_was_shown_fits_or_does_not(Feature $predicted, ObservedNumber|string $shown, bool $fits): void
    {
        self::assertSame($fits, Distinguishability::fits($predicted, new Observation('reading', ['reading' => $shown], null, []), 'reading'));
    }

    public function test_what_was_not_shown_fits_nothing(): void
    {
        self::assertFalse(Distinguishability::fits(NumberFeature::reading('ohms', 1.0, 1.0, 1.0), Observation::written(), 'reading'));
    }
}
