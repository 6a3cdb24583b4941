<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** A circuit solved for every excitation; what remains is to find where its devices settle. */
final readonly class SolvedCircuit
{
    /** Devices of different channels hardly touch each other, so a few rounds settle them. */
    private const ROUNDS = 4;

    /** @param  list<Device>  $devices */
    public function __construct(private Solution $solution, private array $devices, private string $test)
    {
    }

    /** Standing voltage between two nodes while this much test current flows. */
    public function voltsBetween(string $first, string $second, float $testAmperes = 0.0): float
    {
        return $this->linear($first, $second, $testAmperes) + $this->fromDevices($first, $second, $this->deviceAmperes($testAmperes));
    }

    /** Voltage between two nodes for each volt induced in a coil. */
    public function perEmf(string $channelId, string $first, string $second): float
    {
        return $this->solution->voltsBetween($first, $second, Excitation::emf($channelId));
    }

    /** @return array<string, float> by excitation */
    private function deviceAmperes(float $testAmperes): array
    {
        $amperes = array_fill_keys(array_map(static fn (Device $device): string => $device->excitation, $this->devices), 0.0);
        $rounds = count($this->devices) > 1 ? self::ROUNDS : 1;
        for ($round = 0; $round < $rounds; $round++) {
            foreach ($this->devices as $device) {
                $others = [$device->excitation => 0.0] + $amperes;
                $open = $this->linear($device->plus, $device->minus, $testAmperes) + $this->fromDevices($device->plus, $device->minus, $others);
                $ohms = -$this->solution->voltsBetween($device->plus, $device->minus, $device->excitation);
                $amperes[$device->excitation] = $device->law->meeting($open, $ohms);
            }
        }

        return $amperes;
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
