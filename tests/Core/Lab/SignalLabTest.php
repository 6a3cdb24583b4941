<?php

declare(strict_types=1);

namespace Tests\Core\Lab;

use Lernfall\Fault\InvalidFault;
use Lernfall\Lab\LabBench;
use Lernfall\Lab\LabReadings;
use Lernfall\Lab\LabSetting;
use Lernfall\Lab\SignalLab;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** The lab shows what the bay would, and its formulas agree with its instruments. */
final class SignalLabTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function technologies(): array
    {
        return ['passive' => ['passive'], 'current' => ['current'], 'pulse-width' => ['pulse-width'], 'sinking' => ['sinking'], 'sourcing' => ['sourcing']];
    }

    #[DataProvider('technologies')]
    public function test_the_counter_reads_teeth_times_turns(string $technology): void
    {
        $readings = $this->shown($technology, turns: 4.0);

        self::assertEqualsWithDelta(200.0, $readings->numbers['hertz']->mean, 0.01);
        self::assertEqualsWithDelta(200.0, $readings->formulas[0]->numbers['hertz'], 0.01);
    }

    public function test_formula_and_meter_agree_on_a_passive_sensor(): void
    {
        $readings = $this->shown('passive', turns: 1.0);
        $formulas = $this->byKey($readings);

        self::assertEqualsWithDelta($formulas['sine-rms']['volts'], $readings->numbers['ac']->mean, 1e-4, 'but for what the meter itself takes');
        self::assertEqualsWithDelta($formulas['coil-temperature']['ohms'], $readings->numbers['coil']->mean, 0.3);
        self::assertEqualsWithDelta(2.0 * $formulas['divider']['volts'], $readings->numbers['peak-to-peak']->mean, 1e-3);
    }

    public function test_a_lighter_load_leaves_more_of_the_signal(): void
    {
        self::assertGreaterThan($this->shown('passive', ohms: 2000.0)->numbers['ac']->mean, $this->shown('passive', ohms: 100000.0)->numbers['ac']->mean);
    }

    public function test_formula_and_trace_agree_on_a_two_wire_sensor(): void
    {
        $formulas = $this->byKey($this->shown('current'));
        $volts = $this->shown('current')->volts;

        self::assertEqualsWithDelta([$formulas['shunt']['lowVolts'], $formulas['shunt']['highVolts']], [min($volts), max($volts)], 0.01);
    }

    public function test_formulas_and_trace_agree_on_three_wire_sensors(): void
    {
        foreach (['sinking' => ['pulled-down', 'pull-up'], 'sourcing' => ['', 'pulled-up']] as $technology => [$low, $high]) {
            $readings = $this->shown($technology);
            $formulas = $this->byKey($readings);
            // supply, ground and wires take a little besides
            self::assertEqualsWithDelta($low === '' ? 0.0 : $formulas[$low]['volts'], min($readings->volts), 0.05, $technology);
            self::assertEqualsWithDelta($formulas[$high]['volts'], max($readings->volts), 0.1, $technology);
        }
    }

    public function test_a_missing_tooth_shows_once_in_a_whole_turn(): void
    {
        $sound = $this->shown('passive', wholeTurn: true);
        $gone = $this->shown('passive', defect: 'tooth-missing', wholeTurn: true);

        self::assertCount(2000, $sound->volts);
        self::assertEqualsWithDelta($sound->numbers['hertz']->mean * 48.0 / 50.0, $gone->numbers['hertz']->mean, 0.05, 'two teeth of fifty are not counted');
        self::assertLessThan($sound->numbers['ac']->mean, $gone->numbers['ac']->mean);
    }

    public function test_standing_still_there_is_no_speed_and_no_error(): void
    {
        foreach (array_keys(self::technologies()) as $technology) {
            self::assertSame(0.0, $this->shown($technology, turns: 0.0)->numbers['road-speed']->mean);
        }
    }

    public function test_a_defect_this_sensor_cannot_have_is_refused(): void
    {
        $this->expectException(InvalidFault::class);
        $this->shown('current', defect: 'coil-shorted');
    }

    private function shown(string $technology, float $turns = 2.0, float $ohms = 43000.0, string $defect = '', bool $wholeTurn = false): LabReadings
    {
        $bench = new LabBench([Workbench::vehicle('harl-13'), Workbench::vehicle('lendo-15'), Workbench::vehicle('brack-22')], Workbench::catalogue());

        return (new SignalLab($bench, Workbench::simulator()))->shown(new LabSetting($technology, 50, $turns, 0.0006, 60.0, $ohms, $defect, null, $wholeTurn));
    }

    /** @return array<string, array<string, float>> */
    private function byKey(LabReadings $readings): array
    {
        $formulas = [];
        foreach ($readings->formulas as $formula) {
            $formulas[$formula->key] = $formula->numbers;
        }

        return $formulas;
    }
}
