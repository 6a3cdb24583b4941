<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\ScopeInput;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Support\Workbench;

/**
 * The waveform of a passive sensor at the module, through its coil's resistance, the loom and the module's input, against
 * a transient analysis of the circuit simulator. The voltage induced is written down tooth by tooth, from the data sheet.
 */
final class WaveformTest extends TestCase
{
    private const TEETH = 46;

    private const TURNS_PER_SECOND = 1.0;

    /** A little more than a turn. */
    private const SECONDS = 1.04;

    private const SAMPLES = 250;

    /** Goes into the time between two samples without a remainder. */
    private const SIMULATED_STEP_SECONDS = 52e-6;

    /** Of the peak. */
    private const GREATEST_DEVIATION = 0.002;

    /** @param  float  $strength  as the catalogue measures it */
    #[TestWith(['', 0.0])]
    #[TestWith(['tooth-missing', 2.0])]
    #[TestWith(['tooth-chipped', 3.0])]
    #[TestWith(['ring-bent', 0.0004])]
    public function test_the_trace_follows_the_transient(string $kind, float $strength): void
    {
        $simulated = $this->simulated($kind, $strength);
        $trace = $this->trace($kind, $strength);
        $peak = max(array_map(abs(...), $simulated));

        $worst = 0.0;
        foreach ($trace->volts as $sample => $volts) {
            $worst = max($worst, abs($volts - $simulated[$sample]));
        }
        self::assertCount(self::SAMPLES, $simulated);
        self::assertLessThan(self::GREATEST_DEVIATION * $peak, $worst, sprintf('%.1e of the peak', $worst / $peak));
    }

    private function trace(string $kind, float $strength): TraceFeature
    {
        $sound = Workbench::vehicle();
        $car = Car::hypothesis($kind === '' ? $sound : Workbench::catalogue()->fault($sound, $kind, 'FL', '', $strength)->applyTo($sound), $sound);
        $simulator = Workbench::simulator();
        foreach ([new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand), new TurnWheel('FL', self::TURNS_PER_SECOND)] as $action) {
            $car = $simulator->predict($car, $action)[0]->car;
        }
        // a level nothing reaches, so that the sweep starts with the first tooth
        $capture = new Capture([new ScopeInput('FL.module-plug.wheel.1', 'FL.module-plug.wheel.2', 1.0, false)], self::SECONDS / 10.0, 0, 9.0, true);
        $trace = $simulator->predict($car, $capture)[0]->prediction->features['a.trace'];
        self::assertInstanceOf(TraceFeature::class, $trace);

        return $trace;
    }

    /** @return list<float> volts at the module plug, evenly spaced as the sweep is */
    private function simulated(string $kind, float $strength): array
    {
        $step = self::SECONDS / self::SAMPLES;
        $netlist = implode("\n", [
            'waveform of a passive sensor at the module plug',
            '.option gmin=1e-15 rshunt=1e12 reltol=1e-5',
            'Vcoil e s2 PWL('.$this->induced($kind, $strength).')',
            'Rcoil e s1 {1340*(1+0.00393*(18-20))}', 'Rplug1 s1 l1 0.006', 'Rplug2 s2 l2 0.006',
            'Rwire1 l1 m1 {1.35*0.0390}', 'Rwire2 l2 m2 {1.35*0.0390}', 'Rmod1 m1 in1 0.005', 'Rmod2 m2 in2 0.005',
            'Rrail rail 0 180', 'Rup rail in1 4700', 'Rdown in2 0 4700', 'Racross in1 in2 43000', 'Rscope m1 m2 1meg',
            '.control', 'tran '.self::SIMULATED_STEP_SECONDS.' '.self::SECONDS.' 0 '.self::SIMULATED_STEP_SECONDS, 'linearize v(m1) v(m2)', 'set numdgt=8', 'print v(m1)-v(m2)', '.endc', '.end', '',
        ]);
        $file = (string) tempnam(sys_get_temp_dir(), 'lernfall-waveform');
        file_put_contents($file, $netlist);
        exec('ngspice -b '.escapeshellarg($file).' 2>/dev/null', $lines);
        unlink($file);
        preg_match_all('~^\d+\s+(\S+)\s*$~m', implode("\n", $lines), $found);
        $volts = array_map(floatval(...), $found[1]);
        if (count($volts) < self::SECONDS / self::SIMULATED_STEP_SECONDS) {
            throw new RuntimeException('ngspice gives no transient: '.implode("\n", array_slice($lines, 0, 20)));
        }

        return array_map(static fn (int $sample): float => $volts[(int) round($sample * $step / self::SIMULATED_STEP_SECONDS)], range(0, self::SAMPLES - 1));
    }

    /** What the ring induces in the coil, as corners of a line: sixty to a tooth, k·z·n·e^(−g/g₀) high. */
    private function induced(string $kind, float $strength): string
    {
        $corners = [];
        $perTooth = 60;
        for ($corner = 0; $corner <= self::SECONDS * self::TURNS_PER_SECOND * self::TEETH * $perTooth; $corner++) {
            $pitches = $corner / $perTooth;
            $tooth = (int) floor($pitches) % self::TEETH;
            $height = 0.0232 * self::TEETH * self::TURNS_PER_SECOND * match ($kind) {
                'tooth-missing' => $tooth < $strength ? 0.0 : exp(-0.62 / 0.35),
                // as much of a whole tooth as the model takes: 0.35, from memory
                'tooth-chipped' => ($tooth < $strength ? 0.35 : 1.0) * exp(-0.62 / 0.35),
                'ring-bent' => exp(-(0.62 + 1000.0 * $strength * cos(2.0 * M_PI * $tooth / self::TEETH)) / 0.35),
                default => exp(-0.62 / 0.35),
            };
            $corners[] = sprintf('%.8g %.8g', $pitches / self::TEETH / self::TURNS_PER_SECOND, $height * sin(2.0 * M_PI * $pitches));
        }

        return implode("\n+ ", $corners);
    }
}
