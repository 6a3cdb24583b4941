<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Hydraulics\BrakeMachine;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\Moved;
use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\Valve;
use Lernfall\Vehicle\Brakes\VolumeCurve;
use Lernfall\Vehicle\Brakes\WheelBrake;
use Lernfall\Vehicle\Brakes\WheelLine;
use PHPUnit\Framework\TestCase;
use Tests\Support\SampleUnit;
use Tests\Support\Scipy;

/**
 * Pressures of the brakes against scipy's solver of differential equations (LSODA of ODEPACK). The solver's side stands in solvers/brakes.py.
 *
 * Both sides begin with the same equations of orifice and volume curve, so this checks how they are integrated, not whether they are so.
 */
final class BrakePressureTest extends TestCase
{
    private const WHEEL = ['bar' => 0.0, 'inletOpen' => true, 'outletOpen' => false, 'inletLeak' => 0.0, 'outletLeak' => 0.0, 'air' => 0.0, 'hose' => null, 'check' => SampleUnit::CHECK];

    /**
     * Seconds, pressure at the master cylinder, what differs at the front and the rear wheel, what differs at the circuit.
     *
     * @return array<string, array{float, float, array<string, mixed>, array<string, mixed>, array<string, mixed>}>
     */
    private static function cases(): array
    {
        $reduced = ['inletOpen' => false, 'outletOpen' => true];
        $built = ['buildsUp' => true, 'pumps' => true];

        return [
            'pedal, after 10 ms' => [0.01, 80.0, [], [], []],
            'pedal, after 50 ms' => [0.05, 80.0, [], [], []],
            'pedal, after 200 ms' => [0.2, 80.0, [], [], []],
            'harder on what is braked' => [0.04, 100.0, ['bar' => 30.0], ['bar' => 30.0], []],
            'pedal let go' => [0.05, 0.0, ['bar' => 60.0], ['bar' => 60.0], []],
            'pedal let go while held' => [0.05, 0.0, ['bar' => 60.0, 'inletOpen' => false], ['bar' => 60.0], []],
            'front reduced' => [0.02, 60.0, $reduced + ['bar' => 60.0], ['bar' => 60.0], []],
            'both reduced, pump turning' => [0.06, 60.0, $reduced + ['bar' => 60.0], $reduced + ['bar' => 60.0], ['pumps' => true]],
            'reduced into what is half full' => [0.1, 60.0, $reduced + ['bar' => 60.0], ['bar' => 60.0], ['accumulated' => 1.0]],
            'reduced until it is full' => [0.15, 60.0, $reduced + ['bar' => 60.0], $reduced + ['bar' => 60.0], ['accumulated' => 1.4]],
            'both valves open, pump turning' => [0.05, 40.0, ['bar' => 40.0, 'outletOpen' => true], ['bar' => 40.0], ['pumps' => true]],
            'leaking outlet' => [0.1, 50.0, ['outletLeak' => 0.1], [], []],
            'leaking inlet, held first' => [0.2, 50.0, ['inletOpen' => false, 'inletLeak' => 0.05], [], []],
            'collapsed hose' => [0.2, 50.0, ['hose' => 0.1], [], []],
            'collapsed hose, let go' => [0.2, 0.0, ['bar' => 50.0, 'hose' => 0.1], ['bar' => 50.0], []],
            'air in the brake' => [0.1, 50.0, ['air' => 1.5], [], []],
            'built up without the pedal' => [0.1, 0.0, [], ['inletOpen' => false], $built],
            'built up on both' => [0.15, 0.0, [], [], $built],
            'built up to the relief pressure' => [0.6, 0.0, [], ['inletOpen' => false], $built],
        ];
    }

    public function test_pressures_are_within_half_a_percent_of_the_solver(): void
    {
        $given = array_map(self::given(...), self::cases());
        $solved = array_combine(array_keys($given), Scipy::solved('brakes.py', array_values($given)));
        $off = [];
        foreach ($given as $name => $case) {
            $state = self::computed($case);
            foreach (['FL', 'RR'] as $index => $channel) {
                $off["$name, $channel"] = abs($state->bar[$channel] - $solved[$name]['bar'][$index]) / max(1.0, $solved[$name]['bar'][$index]);
            }
            $off["$name, accumulator"] = abs($state->accumulated['first'] - $solved[$name]['accumulated']) / 2.0;
        }
        arsort($off);

        self::assertCount(57, $off);
        self::assertLessThan(0.005, reset($off), 'the worst: '.json_encode(array_slice($off, 0, 6), JSON_THROW_ON_ERROR));
    }

    /**
     * @param  array{float, float, array<string, mixed>, array<string, mixed>, array<string, mixed>}  $case
     * @return array<string, mixed>
     */
    private static function given(array $case): array
    {
        [$seconds, $master, $front, $rear, $circuit] = $case;

        return $circuit + ['seconds' => $seconds, 'master' => $master, 'accumulated' => 0.0, 'pumps' => false, 'buildsUp' => false] + SampleUnit::CIRCUIT
            + ['wheels' => [$front + self::WHEEL + SampleUnit::FRONT, $rear + self::WHEEL + SampleUnit::REAR]];
    }

    /** @param  array<string, mixed>  $case */
    private static function computed(array $case): BrakeState
    {
        $valve = new Valve(4.0);
        $wheels = array_combine(['FL', 'RR'], $case['wheels']);
        $unit = new HydraulicUnit(array_map(self::line(...), $wheels), ['first' => new BrakeCircuit($case['capacity'], $case['preload'], $case['spring'], $case['pump'], $case['relief'], $valve, $valve)]);
        $cut = $case['buildsUp'] ? ['first'] : [];
        $moved = new Moved(
            array_keys(array_filter($wheels, static fn (array $wheel): bool => ! $wheel['inletOpen'])),
            array_keys(array_filter($wheels, static fn (array $wheel): bool => $wheel['outletOpen'])),
            $cut, $cut, $case['pumps'] ? ['first'] : [],
        );

        return (new BrakeMachine($unit))->after(new BrakeState(array_column($case['wheels'], 'bar') === [] ? [] : array_combine(['FL', 'RR'], array_column($case['wheels'], 'bar')), ['first' => $case['accumulated']], ['first' => 0.0], ['first' => 0.0]), $case['master'], $moved, $case['seconds']);
    }

    /** @param  array<string, mixed>  $wheel */
    private static function line(array $wheel): WheelLine
    {
        $volume = new VolumeCurve($wheel['closing'], $wheel['bend'], $wheel['stretch'], $wheel['air']);

        return new WheelLine('first', new Valve($wheel['inlet'], $wheel['inletLeak']), new Valve($wheel['outlet'], $wheel['outletLeak']), $wheel['check'], new WheelBrake($volume, 20.0, 0.5), $wheel['hose'] ?? INF);
    }
}
