<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Preview;

use Lernfall\Document\Node;
use Lernfall\Document\Pointer;
use Lernfall\Evidence\Preview\FalseAlarms;
use Lernfall\Format\VehicleReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** A car with nothing wrong sets no code on any drive, unless its values do not belong together. */
final class FalseAlarmsTest extends TestCase
{
    private const CARS = 3;

    /** @return iterable<string, array{string}> */
    public static function builtIn(): iterable
    {
        foreach (['brack-22', 'harl-13', 'lendo-15', 'mirl-10', 'ostrel-t2'] as $car) {
            yield $car => [$car];
        }
    }

    #[DataProvider('builtIn')]
    public function test_no_built_in_car_gives_a_false_alarm(string $car): void
    {
        self::assertSame([], $this->alarms($car, []));
    }

    /** @return iterable<string, array{array<string, float>, string, string}> values, and the channel and failure that are set */
    public static function unfit(): iterable
    {
        yield 'a gap too wide to read through' => [['/channels/FR/gapMillimetres' => 2.2], 'FR', 'no-signal'];
        yield 'a coil beyond what the module takes for joined' => [['/channels/RL/sensor/coilOhmsAt20Celsius' => 9000.0], 'RL', 'open'];
    }

    /** @param  array<string, float>  $values */
    #[DataProvider('unfit')]
    public function test_values_that_do_not_belong_together_are_found_and_said_once(array $values, string $channel, string $failure): void
    {
        $alarms = $this->alarms('harl-13', $values);
        self::assertSame([['channel' => $channel, 'failure' => $failure]], array_map(static fn (array $one): array => ['channel' => $one['channel'], 'failure' => $one['failure']], $alarms));
        self::assertSame('usual', $alarms[0]['route']); // the first drive that shows it
    }

    public function test_what_scatter_allows_is_no_false_alarm(): void
    {
        self::assertSame([], $this->alarms('harl-13', ['/channels/FR/gapMillimetres' => 0.8, '/channels/FR/sensor/coilOhmsAt20Celsius' => 1420.0]));
    }

    /**
     * @param  array<string, float>  $values
     * @return list<array{route: string, channel: string, failure: string}>
     */
    private function alarms(string $car, array $values): array
    {
        $document = Workbench::json("core/Vehicle/BuiltIn/$car.json");
        $set = Node::root(['values' => $values])->at('values');
        foreach (array_keys($values) as $pointer) {
            $document = Pointer::replaced($document, $pointer, $set->at($pointer));
        }

        return (new FalseAlarms(Workbench::simulator()))->of(VehicleReader::read($document), self::CARS);
    }
}
