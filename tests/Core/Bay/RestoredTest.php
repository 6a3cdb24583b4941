<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Sensor\Passive\PassiveSensor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** A repair that removes a fault brings the healthy reading back, within what parts differ. */
final class RestoredTest extends TestCase
{
    /** Parts differ by 1.2 % in resistance, 4 % in signal, 3 % in gap, cut at two and a half standard deviations. */
    private const OHMS_TOLERANCE = 0.03;

    private const SIGNAL_TOLERANCE = 0.28;

    /** @return iterable<string, array{string, string, string}> kind, conductor, repair */
    public static function repairs(): iterable
    {
        foreach ([
            ['coil-open', '', 'replace-sensor'], ['coil-shorted', '', 'replace-sensor'], ['coil-grounded', '', 'replace-sensor'], ['sensor-wrong-part', '', 'replace-sensor'],
            ['tip-dusty', '', 'clean-tip'], ['gap-large', '', 'set-gap'], ['bearing-play', '', 'replace-hub'], ['ring-bent', '', 'replace-hub'], ['tooth-missing', '', 'replace-hub'],
            ['ring-dirty', '', 'clean-ring'], ['plug-corroded', '1', 'clean-plug'], ['plug-pin-back', '2', 'clean-plug'], ['loom-open', '1', 'repair-loom'],
            ['loom-resistive', '2', 'repair-loom'], ['loom-grounded', '1', 'repair-loom'], ['loom-wires-together', '', 'repair-loom'], ['module-plug-corroded', '1', 'clean-module-plug'],
        ] as [$kind, $conductor, $repair]) {
            yield "$kind by $repair" => [$kind, $conductor, $repair];
        }
    }

    #[DataProvider('repairs')]
    public function test_it_reads_like_a_sound_car_again(string $kind, string $conductor, string $repair): void
    {
        $strengths = Workbench::catalogue()->entry($kind)->strengths;
        $case = Workbench::case([[$kind, 'FR', $conductor, $strengths[count($strengths) - 1]]]);
        for ($seed = 1; $seed <= 5; $seed++) {
            $played = Played::on($case, "part $seed")->secured()->do(['do' => 'repair', 'kind' => $repair, 'channel' => 'FR']);

            self::assertEqualsWithDelta(1340.0, $this->read($played, MeterFunction::Ohms), 1340.0 * self::OHMS_TOLERANCE + 12.0, 'the hub is cooler than 20 °C, the meter has its own spread');
            $sound = $case->sound->channel('FR');
            self::assertInstanceOf(PassiveSensor::class, $sound->sensor);
            $peak = $sound->sensor->peakVolts($sound->wheelEnd->ring, $sound->wheelEnd->gapMetres, 1.0);
            $played->do(['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 1.0]);
            // 86 % of it are left at the pins, by coil and input
            self::assertEqualsWithDelta(0.854 * $peak / M_SQRT2, $this->read($played, MeterFunction::VoltsAc), self::SIGNAL_TOLERANCE * $peak / M_SQRT2);
        }
    }

    public function test_more_speed_never_gives_less_signal(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'RR']]))->secured();
        $before = 0.0;
        foreach ([0.25, 0.5, 1.0, 1.5, 2.0, 3.0] as $turns) {
            $volts = $this->read($played->do(['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => $turns]), MeterFunction::VoltsAc);
            self::assertGreaterThan($before, $volts);
            $before = $volts;
        }
    }

    private function read(Played $played, MeterFunction $function): float
    {
        $plug = $function === MeterFunction::Ohms ? [['do' => 'unplug', 'plug' => 'module-plug']] : [['do' => 'join', 'plug' => 'module-plug']];
        $played->do(...$plug)->do(['do' => 'measure', 'function' => $function->value, 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2']);

        return (float) $played->shown()->number('reading')?->si;
    }
}
