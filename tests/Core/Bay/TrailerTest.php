<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/**
 * The trailer's sensors on the meter. Common practice, no source: 0.6 to 0.9 V AC at one turn in two seconds with the gap
 * right and never below 0.2 V, over 2 V spun fast, 0.02 to 0.03 V with a far too large gap.
 */
final class TrailerTest extends TestCase
{
    public function test_alternating_volts_by_speed_and_gap(): void
    {
        foreach (['FL', 'FR', 'RL', 'RR'] as $corner) {
            $sound = $this->volts($this->trailer($corner, null), $corner, 0.5);
            self::assertGreaterThan(0.6, $sound, $corner);
            self::assertLessThan(0.9, $sound, $corner);
            self::assertGreaterThan(2.0, $this->volts($this->trailer($corner, null), $corner, 1.5));
            $wide = $this->volts($this->trailer($corner, 0.00125), $corner, 0.5);
            self::assertGreaterThanOrEqual(0.02, $wide);
            self::assertLessThanOrEqual(0.03, $wide);
        }
    }

    /** A generator and a bench supply sit on one plug of a corner; joining another plug of it leaves them where they are. */
    public function test_what_sits_on_one_plug_stays_when_another_is_joined(): void
    {
        $bench = Workbench::healthyCar('ostrel-t2')->secured();
        $bench->do(
            new Unplug('FL.sensor-plug'), new Unplug('FL.body-plug'),
            new Inject('FL', InjectedShape::Sine, 100.0, 1.0), new FeedSensor('FL', 5.0, 0.02, false), new Join('FL.body-plug'),
        );

        self::assertNotNull($bench->car->state->connections->injection);
        self::assertNotNull($bench->car->state->connections->bench);

        $bench->do(new Join('FL.sensor-plug'));
        self::assertNull($bench->car->state->connections->injection);
        self::assertNull($bench->car->state->connections->bench);
    }

    private function trailer(string $corner, ?float $wider): Workbench
    {
        $sound = Workbench::vehicle('ostrel-t2');
        $vehicle = $wider === null ? $sound : Workbench::catalogue()->fault($sound, 'gap-large', $corner, '', $wider)->applyTo($sound);

        return Workbench::with(Car::true($vehicle, $sound, 'a'))->secured();
    }

    private function volts(Workbench $bench, string $corner, float $turnsPerSecond): float
    {
        $bench->do(new TurnKey(Ignition::Off), new Unplug("$corner.sensor-plug"), new TurnWheel($corner, $turnsPerSecond));

        return $bench->meter(MeterFunction::VoltsAc, "$corner.sensor-plug.wheel.1", "$corner.sensor-plug.wheel.2");
    }
}
