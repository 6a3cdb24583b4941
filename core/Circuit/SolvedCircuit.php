<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** A circuit solved for every excitation; what remains is to find where its devices settle. */
final readonly class SolvedCircuit
{
    /** Devices are taken in turn until none of their currents moves by more than this, in amperes. */
    private const TOLERANCE = 1e-12;

    /** Two sensors behind one large resistance creep towards each other; more rounds than this none needs. */
    private const MOST_ROUNDS = 20000;

    /** @param  list<Device>  $devices */
    public function __construct(private Solution $solution, private array $devices, private string $test)
    {
    }

    /** Standing voltage between two nodes while this much test current flows. */
    public function voltsBetween(string $first, string $second, float $testAmperes = 0.0): float
    {
        return $this->linear($first, $second, $testAmperes) + $this->fromDevices($first, $second, $this->deviceAmperes($testAmperes));
    }

    /** Voltage between two nodes for one unit of an excitation; devices keep their currents meanwhile. */
    public function perUnit(string $excitation, string $first, string $second): float
    {
        return $this->solution->voltsBetween($first, $second, $excitation);
    }

    /**
     * Where all devices settle. Their laws rise with the voltage and the rest is resistors and sources, so there is one such
     * place, the minimum of the circuit's co-content (W. Millar 1951, from memory), and taking each device in turn
     * comes ever closer to it.
     *
     * @return array<string, float> by excitation
     */
    private function deviceAmperes(float $testAmperes): array
    {
        $open = [];
        $perAmpere = [];
        foreach ($this->devices as $one => $device) {
            $open[$one] = $this->linear($device->plus, $device->minus, $testAmperes);
            foreach ($this->devices as $other => $flowing) {
                $perAmpere[$one][$other] = $this->solution->voltsBetween($device->plus, $device->minus, $flowing->excitation);
            }
        }
        $amperes = array_fill(0, count($this->devices), 0.0);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $moved = 0.0;
            foreach ($this->devices as $one => $device) {
                $volts = $open[$one];
                foreach ($amperes as $other => $flow) {
                    $volts += $other === $one ? 0.0 : $flow * $perAmpere[$one][$other];
                }
                $settled = $device->law->meeting($volts, -$perAmpere[$one][$one]);
                $moved = max($moved, abs($settled - $amperes[$one]));
                $amperes[$one] = $settled;
            }
            if (count($amperes) < 2 || $moved <= self::TOLERANCE) {
                break;
            }
        }

        return array_combine(array_map(static fn (Device $device): string => $device->excitation, $this->devices), $amperes);
    }

    private function linear(string $first, string $second, float $testAmperes): float
    {
        return $this->solution->voltsBetween($first, $second, Excitation::DC)
            + ($testAmperes === 0.0 ? 0.0 : $testAmperes * $this->solution->voltsBetween($first, $second, $this->test));
    }

    /** @param  array<string, float>  $amperes */
    private function fromDevices(string $first, string $second, array $amperes): float
    {
        $volts = 0.0;
        foreach ($amperes as $excitation => $flow) {
            $volts += $flow === 0.0 ? 0.0 : $flow * $this->solution->voltsBetween($first, $second, $excitation);
        }

        return $volts;
    }
}
