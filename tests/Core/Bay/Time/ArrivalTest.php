<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use Lernfall\Bay\Car\Car;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Vehicle\Electronics;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What a fault does to other parts is done when the car comes in. */
final class ArrivalTest extends TestCase
{
    /** Front sensors of this car have no protection, rear ones have; a coil minds nothing. */
    #[TestWith(['lendo-15', 'FL', true])]
    #[TestWith(['lendo-15', 'RL', false])]
    #[TestWith(['brack-22', 'FL', true])]
    #[TestWith(['harl-13', 'FL', false])]
    #[TestWith(['ostrel-t2', 'RR', false])]
    public function test_swapped_pins_have_long_killed_a_sensor_without_protection(string $car, string $corner, bool $dies): void
    {
        $case = Workbench::case([['plug-pins-swapped', $corner]], Workbench::vehicle($car));
        $arrived = Played::on($case)->job->car->vehicle->channel($corner);
        $needed = (new Remedies(Workbench::simulator()))->of(Car::hypothesis($case->arrivedVehicle(), $case->sound)) ?? [];

        self::assertSame($dies, $arrived->sensor != $case->sound->channel($corner)->sensor);
        self::assertSame($dies ? Electronics::Dead : null, $dies ? $arrived->sensor->electronics ?? null : null);
        self::assertCount($dies ? 2 : 1, $needed, 'the plug, and what died of it');
    }

    public function test_mending_the_plug_alone_leaves_a_dead_sensor_and_both_together_cure_it(): void
    {
        $live = ['do' => 'live-speeds', 'kilometresPerHour' => 20.0];
        $mended = Played::on(Workbench::case([['plug-pins-swapped', 'FL']], Workbench::vehicle('lendo-15')))->secured()->do(['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'FL']);
        $down = [['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'], $live];
        self::assertSame(0.0, (clone $mended)->do(...$down)->shown()->number('FL.speed')?->si);
        self::assertEqualsWithDelta(20.0 / 3.6, $mended->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FL'], ...$down)->shown()->number('FL.speed')?->si, 0.1);
    }

    /** By hand: a gap of 0.62 mm, and a ring that swings by 0.8 mm either way, strikes; by 0.4 mm it passes at 0.22 mm. */
    #[TestWith(['harl-13', 'ring-bent', 0.0004, false])]
    #[TestWith(['harl-13', 'ring-bent', 0.0008, true])]
    #[TestWith(['ostrel-t2', 'ring-bent', 0.0004, true])]
    #[TestWith(['harl-13', 'bearing-play', 0.0016, true])]
    #[TestWith(['lendo-15', 'bearing-play', 0.0016, false])]
    #[TestWith(['lendo-15', 'ring-bent', 0.0012, true])]
    #[TestWith(['harl-13', 'ring-lifted', 0.00055, false])]
    #[TestWith(['harl-13', 'ring-lifted', 0.0009, true])]
    public function test_a_ring_that_reaches_its_sensor_has_broken_it(string $car, string $kind, float $metres, bool $struck): void
    {
        $case = Workbench::case([[$kind, 'FL', '', $metres]], Workbench::vehicle($car));
        $played = Played::on($case)->secured();
        self::assertSame($struck, $played->job->car->vehicle->channel('FL')->sensor->isStruck());
        $seen = array_unique(array_map(static fn (int $seed): string => Played::on($case, "car $seed")->secured()->do(['do' => 'look', 'channel' => 'FL', 'at' => 'tip'])->shown()->word('sight'), range(1, 6)));
        self::assertSame($struck, in_array('tip-struck', $seen, true));
        if ($struck) {
            $renewed = $played->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FL'], ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test', 'route' => 'straight']);
            self::assertTrue($renewed->job->car->vehicle->channel('FL')->sensor->isStruck(), 'and the new one as well, as long as the ring swings');
        }
    }

    /** No signal grows without bound as a tooth comes nearer than touching. */
    public function test_nothing_comes_nearer_than_touching(): void
    {
        $sensor = Workbench::vehicle()->channel('FL')->sensor;

        self::assertEqualsWithDelta($sensor->feels(1.0, -0.00062, 0.00062), $sensor->feels(1.0, -0.003, 0.00062), 1e-12);
    }

    #[TestWith([8.2, false])]
    #[TestWith([10.6, true])]
    public function test_a_battery_too_low_does_not_crank(float $volts, bool $cranks): void
    {
        $played = Played::on(Workbench::case([['battery-flat', 'car', '', $volts]]))->do(['do' => 'ignition', 'to' => 'running']);
        self::assertSame($cranks ? 'runs' : 'does-not-turn', $played->shown()->word('engine'));
        self::assertSame($cranks, $played->job->car->state->key->isRunning());
        self::assertTrue($played->job->car->state->isPowered(), 'the key stands at on');
        self::assertSame($cranks ? null : 'engine-off', $played->do(['do' => 'road-test'])->shown()->refusal?->value);

        $charged = Played::on(Workbench::case([['battery-flat', 'car', '', $volts]]))->do(['do' => 'repair', 'kind' => 'charge-battery', 'channel' => 'car'], ['do' => 'ignition', 'to' => 'running']);
        self::assertSame('runs', $charged->shown()->word('engine'));
    }
}
