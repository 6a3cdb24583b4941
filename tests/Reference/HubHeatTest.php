<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Drive\Drive;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Route;
use Lernfall\Vehicle\Climate;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Support\Workbench;

/**
 * A hub that warms is a capacitor charged over a resistor (the analogy of heat and charge, textbook): one volt is one kelvin,
 * the source is the rise each speed goes towards, and the product of resistance and capacitance is the time it takes. Against
 * a transient analysis of the circuit simulator.
 */
final class HubHeatTest extends TestCase
{
    private const GREATEST_DEVIATION_KELVIN = 0.01;

    #[TestWith(['harl-13', Route::Usual, 0.0])]
    #[TestWith(['lendo-15', Route::WarmUp, 0.0])]
    #[TestWith(['ostrel-t2', Route::WarmUp, 14.0])]
    #[TestWith(['brack-22', Route::LeftBends, 9.0])]
    public function test_hubs_warm_like_a_capacitor_charges(string $car, Route $route, float $startKelvin): void
    {
        $climate = Workbench::vehicle($car)->climate;
        $drive = $route->drive();

        self::assertEqualsWithDelta($this->simulated($climate, $drive, $startKelvin), HubWarming::from($climate, $startKelvin)->after($drive), self::GREATEST_DEVIATION_KELVIN);
    }

    private function simulated(Climate $climate, Drive $drive, float $startKelvin): float
    {
        $points = [];
        $passed = 0.0;
        foreach ($drive->stretches as $stretch) {
            if ($stretch->seconds <= 0.0) {
                continue;
            }
            foreach ([[$passed, $stretch->fromMetresPerSecond], [$passed + $stretch->seconds - 1e-6, $stretch->toMetresPerSecond]] as [$seconds, $speed]) {
                $points[] = sprintf('%.9g %.9g', $seconds, $climate->hubRiseKelvin * $speed / $climate->hubRiseAtMetresPerSecond);
            }
            $passed += $stretch->seconds;
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'hub');
        file_put_contents($file, implode("\n", [
            'a hub that warms', '.option reltol=1e-7', 'V1 towards 0 PWL('.implode(' ', $points).')', 'R1 towards hub 1',
            sprintf('C1 hub 0 %.9g IC=%.9g', $climate->hubWarmUpSeconds, $startKelvin), sprintf('.tran %.6g %.9g 0 %.6g UIC', $passed / 2000.0, $passed, $passed / 2000.0),
            '.control', 'run', sprintf('meas tran reading FIND v(hub) AT=%.9g', $passed * (1.0 - 1e-9)), '.endc', '.end', '',
        ]));
        exec('ngspice -b '.escapeshellarg($file).' 2>/dev/null', $lines);
        unlink($file);

        return preg_match('~^reading\s+=\s+(\S+)~m', implode("\n", $lines), $found) === 1 ? (float) $found[1] : throw new RuntimeException(implode("\n", $lines));
    }
}
