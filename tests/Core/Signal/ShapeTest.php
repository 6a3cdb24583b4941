<?php

declare(strict_types=1);

namespace Tests\Core\Signal;

use Lernfall\Signal\Shape;
use Lernfall\Vehicle\RingDamage;
use Lernfall\Vehicle\ToothedRing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Mean and root mean square as given must be those of the shape itself, sampled over whole turns. */
final class ShapeTest extends TestCase
{
    private const SAMPLES = 96000;

    #[TestWith(['harl-13', 'FL', 0])]
    #[TestWith(['harl-13', 'FL', 2])]
    #[TestWith(['lendo-15', 'FR', 0])]
    #[TestWith(['lendo-15', 'FR', 3])]
    #[TestWith(['lendo-15', 'RL', 0])]
    #[TestWith(['brack-22', 'RR', 1])]
    public function test_mean_and_rms_are_those_of_the_samples(string $car, string $corner, int $missing): void
    {
        $channel = Workbench::vehicle($car)->channel($corner);
        $shape = Shape::of($channel->withRing($channel->wheelEnd->ring->withMissingTeeth($missing)), 2.0);
        $samples = array_map(static fn (int $n): float => $shape->at(0.5 * ($n + 0.5) / self::SAMPLES), range(0, self::SAMPLES - 1));
        $mean = array_sum($samples) / self::SAMPLES;
        $rms = sqrt(array_sum(array_map(static fn (float $x): float => ($x - $mean) ** 2, $samples)) / self::SAMPLES);

        self::assertEqualsWithDelta($mean, $shape->mean(), 2e-4);
        self::assertEqualsWithDelta($rms, $shape->alternatingRms(), 1e-3);
    }

    /** Textbook: a sine's root mean square is its peak over √2, a symmetric square wave's half its step. */
    public function test_a_whole_sine_and_a_square_wave_have_their_textbook_factors(): void
    {
        self::assertEqualsWithDelta(M_SQRT1_2, Shape::of(Workbench::vehicle()->channel('FL'), 1.0)->alternatingRms(), 1e-12);
        self::assertEqualsWithDelta(0.5, Shape::of(Workbench::vehicle('lendo-15')->channel('FR'), 1.0)->alternatingRms(), 1e-12);
    }

    /** @return array<string, array{ToothedRing}> */
    public static function damagedRings(): array
    {
        return [
            'chipped' => [new ToothedRing(46, damage: new RingDamage(chippedTeeth: 2))], 'cracked' => [new ToothedRing(46, damage: new RingDamage(crackPitches: 0.6))],
            'bent' => [new ToothedRing(46, damage: new RingDamage(runoutMetres: 0.0004))], 'dirty' => [new ToothedRing(46, damage: new RingDamage(dirt: 0.5))],
        ];
    }

    #[DataProvider('damagedRings')]
    public function test_mean_and_rms_hold_for_damaged_rings_too(ToothedRing $ring): void
    {
        foreach ([['harl-13', 'FL'], ['brack-22', 'FR']] as [$car, $corner]) {
            $shape = Shape::of(Workbench::vehicle($car)->channel($corner)->withRing($ring), 2.0);
            $samples = array_map(static fn (int $n): float => $shape->at(0.5 * ($n + 0.5) / self::SAMPLES), range(0, self::SAMPLES - 1));
            $mean = array_sum($samples) / self::SAMPLES;
            $rms = sqrt(array_sum(array_map(static fn (float $x): float => ($x - $mean) ** 2, $samples)) / self::SAMPLES);

            self::assertEqualsWithDelta($mean, $shape->mean(), 3e-4);
            self::assertEqualsWithDelta($rms, $shape->alternatingRms(), 1e-3);
        }
    }

    public function test_a_bent_ring_swells_and_fades_once_a_turn(): void
    {
        $channel = Workbench::vehicle()->channel('FL');
        $shape = Shape::of($channel->withRing(new ToothedRing(46, damage: new RingDamage(runoutMetres: 0.0004))), 1.0);
        $peak = static fn (float $from): float => max(array_map(static fn (int $n): float => $shape->at($from + $n / 46000.0), range(0, 2000)));

        // farthest at the start of the turn, nearest half a turn later: exp(2 · 0.4 mm / 0.35 mm)
        self::assertEqualsWithDelta(exp(0.8 / 0.35), $peak(0.5) / $peak(0.0), 0.25);
    }

    public function test_a_missing_tooth_leaves_a_gap_once_a_turn(): void
    {
        $channel = Workbench::vehicle('brack-22')->channel('FR')->withRing(new ToothedRing(44, damage: new RingDamage(missingTeeth: 1)));
        $shape = Shape::of($channel, 1.0);
        $edges = 0;
        for ($n = 1; $n <= 44000; $n++) {
            $edges += $shape->at($n / 44000.0) > $shape->at(($n - 1) / 44000.0) ? 1 : 0;
        }

        self::assertSame(43, $edges);
    }

    public function test_pulses_keep_their_length_at_any_rotation(): void
    {
        $channel = Workbench::vehicle('lendo-15')->channel('RL');
        $slow = Shape::of($channel, 0.5);
        $fast = Shape::of($channel, 5.0);

        self::assertEqualsWithDelta(10.0, $fast->mean() / $slow->mean(), 1e-9);
        self::assertEqualsWithDelta(90e-6, $slow->mean() / $slow->toothHertz(), 1e-12);
    }

    /** Between any two times, short or longer than a turn, no look finds anything beyond the extremes, and one comes close to each. */
    #[DataProvider('damagedRings')]
    public function test_extremes_are_those_of_the_samples(ToothedRing $ring): void
    {
        foreach ([['harl-13', 'FL'], ['lendo-15', 'FR'], ['lendo-15', 'RL']] as [$car, $corner]) {
            $shape = Shape::of(Workbench::vehicle($car)->channel($corner)->withRing($ring), 2.0);
            foreach ([[0.0, 0.003], [0.1234, 0.0402], [0.4951, 0.0213], [0.9997, 0.25], [0.31, 0.9]] as [$from, $seconds]) {
                $samples = array_map(static fn (int $n): float => $shape->at($from + $n * $seconds / 20000.0), range(0, 20000));
                [$least, $greatest] = $shape->extremes($from, $from + $seconds);

                self::assertLessThanOrEqual(min($samples) + 1e-9, $least);
                self::assertGreaterThanOrEqual(max($samples) - 1e-9, $greatest);
                self::assertEqualsWithDelta([min($samples), max($samples)], [$least, $greatest], 2e-3, "$car $from");
            }
        }
    }
}
