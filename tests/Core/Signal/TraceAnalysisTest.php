<?php

declare(strict_types=1);

namespace Tests\Core\Signal;

use Lernfall\Chance\Draw;
use Lernfall\Signal\Shape;
use Lernfall\Signal\TraceAnalysis;
use Lernfall\Vehicle\RingDamage;
use Lernfall\Vehicle\ToothedRing;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class TraceAnalysisTest extends TestCase
{
    /** One and a half turns a second of a ring of 46, sampled ten thousand times a second. */
    #[TestWith(['harl-13', 0])]
    #[TestWith(['harl-13', 1])]
    #[TestWith(['harl-13', 3])]
    #[TestWith(['brack-22', 2])]
    public function test_frequency_and_missing_teeth_are_found_in_a_noisy_trace(string $car, int $missing): void
    {
        $shape = Shape::of(Workbench::vehicle($car)->channel('FL')->withRing(new ToothedRing(46, damage: new RingDamage(missingTeeth: $missing))), 1.5);
        $noise = (new Draw('trace'))->stream('noise');
        $volts = array_map(static fn (int $n): float => 0.4 * $shape->at($n / 10000.0) + 0.01 * $noise(), range(0, 29999));
        $analysis = TraceAnalysis::of($volts, 1e-4);

        self::assertEqualsWithDelta(69.0, $analysis->hertz ?? 0.0, 0.7);
        self::assertSame($missing === 0 ? null : $missing, $analysis->missingPerGap);
        self::assertSame($missing === 0 ? null : 46, $analysis->teethPerTurn);
        self::assertEqualsWithDelta($car === 'harl-13' ? 0.8 : 0.4, $analysis->peakToPeakVolts, 0.1);
    }

    public function test_a_flat_line_has_no_frequency(): void
    {
        $analysis = TraceAnalysis::of(array_fill(0, 100, 2.5), 0.001);

        self::assertNull($analysis->hertz);
        self::assertSame(2.5, $analysis->meanVolts);
        self::assertSame(0, $analysis->gaps);
    }
}
