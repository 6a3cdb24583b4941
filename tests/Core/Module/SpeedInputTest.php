<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Module\SpeedInput;
use Lernfall\Module\SwitchedSignal;
use Lernfall\Sensor\Passive\RisingSignal;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\ToothedRing;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** From the wheel's signal to the speed the module counts. */
final class SpeedInputTest extends TestCase
{
    /** 0.2 V of peak at a turn a second against a threshold of 0.05 V: counted from a quarter of a turn a second. */
    public function test_a_rising_signal_is_counted_from_where_it_reaches_the_threshold(): void
    {
        $input = $this->passive($this->ring());

        self::assertEqualsWithDelta(0.25, $input->leastTurnsPerSecond(), 1e-12);
        self::assertFalse($input->counts(0.249));
        self::assertTrue($input->counts(0.25));
        self::assertSame(0.0, $input->countedTurnsPerSecond(0.2));
        self::assertEqualsWithDelta(3.0, $input->countedTurnsPerSecond(3.0), 1e-12);
        self::assertFalse($input->counts(0.0));
    }

    public function test_a_module_with_a_higher_threshold_starts_later(): void
    {
        self::assertEqualsWithDelta(0.3, $this->passive($this->ring())->withThresholdFactor(1.2)->leastTurnsPerSecond(), 1e-12);
    }

    public function test_missing_teeth_are_missing_from_the_count_at_any_speed(): void
    {
        $input = $this->passive($this->ring()->withMissingTeeth(2));
        $teeth = $this->ring()->teeth;

        self::assertEqualsWithDelta(5.0 * ($teeth - 2) / $teeth, $input->countedTurnsPerSecond(5.0), 1e-12);
        self::assertSame(INF, $input->evenFromTurnsPerSecond());
        self::assertTrue($input->hasGapsAt(5.0));
    }

    public function test_chipped_teeth_are_missed_at_low_speed_only(): void
    {
        $input = $this->passive($this->ring()->withChippedTeeth(1));
        $even = $input->evenFromTurnsPerSecond();

        self::assertGreaterThan($input->leastTurnsPerSecond(), $even);
        self::assertTrue($input->hasGapsAt(0.9 * $even));
        self::assertFalse($input->hasGapsAt($even));
        self::assertFalse($input->hasGapsAt(0.9 * $input->leastTurnsPerSecond()), 'what is not counted has no gaps');
        self::assertEqualsWithDelta($even, $input->countedTurnsPerSecond($even), 1e-9);
    }

    public function test_a_wide_crack_never_runs_even_and_a_hairline_does(): void
    {
        self::assertSame(INF, $this->passive($this->ring()->cracked(0.5))->evenFromTurnsPerSecond());
        self::assertEqualsWithDelta(0.25, $this->passive($this->ring()->cracked(0.1))->evenFromTurnsPerSecond(), 1e-12);
    }

    public function test_no_signal_is_never_counted(): void
    {
        foreach ([new RisingSignal(0.0, 0.05), SwitchedSignal::none()] as $signal) {
            $input = new SpeedInput($signal, Teeth::of(Workbench::vehicle()->channel('FR')), 1.0);
            self::assertSame(INF, $input->leastTurnsPerSecond());
            self::assertSame(0.0, $input->countedTurnsPerSecond(30.0));
        }
    }

    public function test_two_levels_are_counted_at_a_crawl_if_the_threshold_lies_between_them(): void
    {
        $teeth = Teeth::of(Workbench::vehicle('lendo-15')->channel('FL'));
        $least = static fn (float $low, float $high): float => (new SpeedInput(new SwitchedSignal($low, $high, 0.0105), $teeth, 1.0))->leastTurnsPerSecond();

        self::assertLessThan(0.05, $least(0.007, 0.014));
        self::assertSame(INF, $least(0.007, 0.010), 'both below');
        self::assertSame(INF, $least(0.011, 0.014), 'both above');
        self::assertSame(INF, $least(0.014, 0.007), 'the wrong way round');
    }

    private function ring(): ToothedRing
    {
        return Workbench::vehicle()->channel('FR')->wheelEnd->ring;
    }

    private function passive(ToothedRing $ring): SpeedInput
    {
        return new SpeedInput(new RisingSignal(0.2, 0.05), Teeth::of(Workbench::vehicle()->channel('FR')->withRing($ring)), 1.0);
    }
}
